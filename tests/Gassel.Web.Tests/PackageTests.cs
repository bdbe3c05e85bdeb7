using System.Diagnostics;
using System.IO.Compression;
using System.Net.Http.Headers;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json.Nodes;
using Gassel.Web.Hosting;
using Gassel.Web.Runtime;
using Microsoft.Extensions.Time.Testing;

namespace Gassel.Web.Tests;

/// <summary>The whole book as an open package, out and in.</summary>
public sealed class PackageTests(RunningBook book) : IClassFixture<RunningBook>
{
    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private static async Task<byte[]> Export(HttpClient http) => await http.GetByteArrayAsync("/api/book/package", Cancel);

    private static async Task<(int Status, JsonNode Body)> Import(RunningBook into, byte[] package, bool dryRun = false)
    {
        using var content = new ByteArrayContent(package);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/zip");
        return await into.Send(HttpMethod.Post, $"/api/book/package?dryRun={(dryRun ? "true" : "false")}", content);
    }

    private static int Of(JsonNode report, string table, string fate) =>
        report["counts"]!.AsArray().Single(c => c!["name"]!.GetValue<string>() == table)![fate]!.GetValue<int>();

    private static Dictionary<string, byte[]> Files(byte[] package)
    {
        using var zip = new ZipArchive(new MemoryStream(package));
        return zip.Entries.ToDictionary(
            e => e.FullName,
            e =>
            {
                using var content = e.Open();
                using var copy = new MemoryStream();
                content.CopyTo(copy);
                return copy.ToArray();
            }
        );
    }

    /// <summary>The demo of this program, its files and the package of it.</summary>
    private static async Task<(byte[] Package, Dictionary<string, string> Views, DateTimeOffset Now)> Demo(IReadOnlyList<string> views)
    {
        var folder = Directory.CreateTempSubdirectory("gassel-demo-").FullName;
        var clock = new FakeTimeProvider(new DateTimeOffset(2027, 3, 15, 5, 30, 0, TimeSpan.Zero));
        await using (var app = GasselHost.Build(new Launch(0, folder, Demo: true), clock))
        {
            await app.StartAsync(Cancel);
            using var http = new HttpClient { BaseAddress = new Uri(app.Urls.First()) };
            var now = JsonNode.Parse(await http.GetStringAsync("/api/site", Cancel))!["now"]!.GetValue<DateTimeOffset>();
            return (await Export(http), await Views(http, views), now);
        }
    }

    /// <summary>Every batch as it is told, and the views named.</summary>
    private static async Task<Dictionary<string, string>> Views(HttpClient http, IReadOnlyList<string> views)
    {
        var batches = JsonNode.Parse(await http.GetStringAsync("/api/batches", Cancel))!.AsArray();
        var told = new Dictionary<string, string>();
        foreach (var path in batches.Select(b => $"/api/batches/{b!["id"]}").Concat(views))
        {
            var view = JsonNode.Parse(await http.GetStringAsync(path, Cancel))!;
            // a book that is no demo says on Rounds that made-up thermometers are not counted from its next start on
            if (path == "/api/rounds")
                view.AsObject().Remove("simulatedAside");
            told[path] = view.ToJsonString();
        }
        return told;
    }

    [Fact]
    public async Task The_demo_in_an_empty_book_is_the_same_book()
    {
        string[] views =
        [
            "/api/batches",
            "/api/lots",
            "/api/trials",
            "/api/wishes",
            "/api/places",
            "/api/species",
            "/api/closing",
            "/api/rounds",
            "/api/season",
        ];
        var (package, told, now) = await Demo(views);
        var empty = new RunningBook();
        await empty.InitializeAsync();
        empty.Clock.AdjustTime(now);
        try
        {
            var (looked, look) = await Import(empty, package, dryRun: true);
            Assert.True(looked == 200 && look["intoEmpty"]!.GetValue<bool>() && look["madeUp"]!.GetValue<bool>(), look.ToJsonString());
            Assert.Empty((await empty.Get("/api/batches")).AsArray());

            var (status, report) = await Import(empty, package);
            Assert.True(status == 200 && report["saved"]!.GetValue<bool>(), report.ToJsonString());
            Assert.True(Of(report, "entries", "new") > 500);
            Assert.All(report["counts"]!.AsArray(), c => Assert.Equal(0, c!["clashing"]!.GetValue<int>() + c["leftOut"]!.GetValue<int>()));

            var here = await Views(empty.Http, views);
            Assert.Equal(told.Keys.Order(), here.Keys.Order());
            Assert.All(told, view => Assert.True(view.Value == here[view.Key], Differ(view.Key, view.Value, here[view.Key])));

            // its own package is the one it came from: file by file, the description but for the time and the mark of the demo
            var (before, after) = (Files(package), Files(await Export(empty.Http)));
            Assert.Equal(before.Keys.Order(), after.Keys.Order());
            Assert.All(before.Keys.Where(k => k.StartsWith("data/", StringComparison.Ordinal)), k => Assert.Equal(before[k], after[k]));
            Assert.Equal(Plain(before["datapackage.json"]), Plain(after["datapackage.json"]));

            // and a second time nothing is new
            var (_, again) = await Import(empty, package, dryRun: true);
            Assert.All(again["counts"]!.AsArray(), c => Assert.Equal(0, c!["new"]!.GetValue<int>() + c["clashing"]!.GetValue<int>()));
        }
        finally
        {
            await empty.DisposeAsync();
        }
    }

    private static string Differ(string view, string one, string other)
    {
        var at = one.Zip(other).TakeWhile(p => p.First == p.Second).Count();
        string Near(string text) => text[Math.Max(0, at - 80)..Math.Min(text.Length, at + 60)];
        return $"{view} differs: {Near(one)} | {Near(other)}";
    }

    private static string Plain(byte[] descriptor)
    {
        var json = JsonNode.Parse(descriptor)!.AsObject();
        json.Remove("created");
        json.Remove("title");
        json["gassel"]!.AsObject().Remove("madeUp");
        return json.ToJsonString();
    }

    [Fact]
    public async Task A_validator_that_others_wrote_finds_it_valid_and_reads_every_row()
    {
        var (package, _, _) = await Demo([]);
        var folder = Directory.CreateTempSubdirectory("gassel-package-").FullName;
        await ZipFile.ExtractToDirectoryAsync(new MemoryStream(package), folder, Cancel);
        var root = SourceRoot();
        using var node = Process.Start(
            new ProcessStartInfo(
                "node",
                [Path.Combine(root, "tests/Gassel.Web.Tests/package-check.cjs"), Path.Combine(root, "src/gassel-ui"), folder]
            )
            {
                RedirectStandardOutput = true,
                RedirectStandardError = true,
            }
        )!;
        var rows = await node.StandardOutput.ReadToEndAsync(Cancel);
        var faults = await node.StandardError.ReadToEndAsync(Cancel);
        await node.WaitForExitAsync(Cancel);
        Directory.Delete(folder, recursive: true);
        Assert.True(node.ExitCode == 0, faults);
        var files = Files(package);
        foreach (var line in rows.Split('\n', StringSplitOptions.RemoveEmptyEntries))
        {
            var (name, read) = (line.Split(' ')[0], int.Parse(line.Split(' ')[1], System.Globalization.CultureInfo.InvariantCulture));
            // no cell of a demo holds a line's end
            Assert.Equal(Encoding.UTF8.GetString(files[$"data/{name}.csv"]).Split("\r\n").Length - 2, read);
        }
        Assert.Contains("entries ", rows, StringComparison.Ordinal);
    }

    private static string SourceRoot()
    {
        var at = new DirectoryInfo(AppContext.BaseDirectory);
        while (at is not null && !File.Exists(Path.Combine(at.FullName, "Gassel.slnx")))
            at = at.Parent;
        return at!.FullName;
    }

    [Fact]
    public async Task Into_a_book_with_data_comes_what_is_new_and_its_own_stays()
    {
        var (mine, theirs) = (new RunningBook(), new RunningBook());
        await mine.InitializeAsync();
        await theirs.InitializeAsync();
        try
        {
            var common = await theirs.BatchOfBalsamroot();
            await Import(mine, await Export(theirs.Http));
            // since then: an entry here and one there, a new lot 2 of another kind here and there, a batch from it there
            await mine.Record(common, "2027-03-14", "warn", """{"kind":"note","part":null,"text":"mine"}""");
            await theirs.Record(common, "2027-03-14", "warn", """{"kind":"note","part":null,"text":"=theirs, \"quoted\""}""");
            await Lot(mine, "saskatoon");
            await Lot(theirs, "blue-flax");
            var drawn = await Batch(theirs, "blue-flax", 2, "usual");
            // a batch of lot 1 in each, both B-2 or B-3 by their own count
            var own = await Batch(mine, "balsamroot", 1);
            var theirOwn = await Batch(theirs, "balsamroot", 1);

            var package = await Export(theirs.Http);
            var (_, look) = await Import(mine, package, dryRun: true);
            Assert.False(look["intoEmpty"]!.GetValue<bool>());
            Assert.Equal((1, 1), (Of(look, "entries", "new"), Of(look, "lots", "clashing")));
            // the batch of another lot 2 is left out, that of lot 1 comes in
            Assert.Equal((1, 1, 1), (Of(look, "batches", "new"), Of(look, "batches", "leftOut"), Of(look, "batches", "same")));

            var (status, report) = await Import(mine, package);
            Assert.True(status == 200, report.ToJsonString());
            var batches = (await mine.Get("/api/batches")).AsArray();
            Assert.Equal(new[] { common, own, theirOwn }.Order(), batches.Select(b => Guid.Parse(b!["id"]!.GetValue<string>())).Order());
            Assert.DoesNotContain(drawn, batches.Select(b => Guid.Parse(b!["id"]!.GetValue<string>())));
            var log = (await mine.Get($"/api/batches/{common}"))["log"]!.ToJsonString();
            Assert.Contains("mine", log, StringComparison.Ordinal);
            Assert.Contains("theirs", log, StringComparison.Ordinal);
            Assert.Equal(3, batches.Select(b => b!["number"]!.GetValue<int>()).Distinct().Count());
        }
        finally
        {
            await mine.DisposeAsync();
            await theirs.DisposeAsync();
        }
    }

    [Fact]
    public async Task A_number_that_is_given_already_becomes_the_next_free_one_and_is_told()
    {
        var (mine, theirs) = (new RunningBook(), new RunningBook());
        await mine.InitializeAsync();
        await theirs.InitializeAsync();
        try
        {
            await theirs.BatchOfBalsamroot();
            await Import(mine, await Export(theirs.Http));
            await Batch(mine, "balsamroot", 1);
            var theirSecond = await Batch(theirs, "balsamroot", 1);
            var (status, report) = await Import(mine, await Export(theirs.Http));
            Assert.True(status == 200, report.ToJsonString());
            Assert.Equal("B-2 becomes B-3", Assert.Single(report["renumbered"]!.AsArray())!.GetValue<string>());
            Assert.Equal(3, (await mine.Get($"/api/batches/{theirSecond}"))["summary"]!["number"]!.GetValue<int>());
        }
        finally
        {
            await mine.DisposeAsync();
            await theirs.DisposeAsync();
        }
    }

    private static async Task Lot(RunningBook into, string species)
    {
        var (status, answer) = await into.Post(
            "/api/lots",
            $$"""{"speciesId":"{{species}}","lot":{"gatheredAt":"ridge","gatheredOn":"2026-07-01","counted":500,"assumedFraction":0.6} }"""
        );
        Assert.True(status is 200 or 201, answer.ToJsonString());
    }

    private static async Task<Guid> Batch(RunningBook into, string species, int lot, string choice = "moveTarget")
    {
        var id = Guid.NewGuid();
        var (status, made) = await into.Post(
            "/api/batches",
            $$"""
            {"id":"{{id}}","choice":"{{choice}}","seeds":30,"who":"grower","plan":{"speciesId":"{{species}}","routeId":null,
            "lotId":{{lot}},"plants":10,"target":"sow","lastFrost":"2027-05-08","weeksFromLastFrost":0} }
            """
        );
        Assert.True(status == 200, made.ToJsonString());
        return id;
    }

    /// <summary>The package with one of its files changed, and its sum with it unless the sum is to be wrong.</summary>
    private static byte[] Changed(byte[] package, string file, Func<string, string> change, bool sum = true)
    {
        var files = Files(package);
        files[file] = Encoding.UTF8.GetBytes(change(Encoding.UTF8.GetString(files[file])));
        if (sum && file != "datapackage.json")
        {
            var descriptor = JsonNode.Parse(files["datapackage.json"])!;
            var resource = descriptor["resources"]!.AsArray().Single(r => r!["path"]!.GetValue<string>() == file)!;
            resource["bytes"] = files[file].Length;
            resource["hash"] = "sha256:" + Convert.ToHexStringLower(SHA256.HashData(files[file]));
            files["datapackage.json"] = Encoding.UTF8.GetBytes(descriptor.ToJsonString());
        }
        return Zip(files);
    }

    private static byte[] Zip(IEnumerable<KeyValuePair<string, byte[]>> files)
    {
        using var into = new MemoryStream();
        using (var zip = new ZipArchive(into, ZipArchiveMode.Create))
        {
            foreach (var (name, bytes) in files)
            {
                using var entry = zip.CreateEntry(name).Open();
                entry.Write(bytes);
            }
        }
        return into.ToArray();
    }

    [Fact]
    public async Task What_cannot_be_is_refused_with_its_place_and_nothing_is_taken_in()
    {
        var theirs = new RunningBook();
        await theirs.InitializeAsync();
        byte[] good;
        try
        {
            var batch = await theirs.BatchOfBalsamroot();
            await theirs.Record(batch, "2027-03-14", "warn", """{"kind":"note","part":null,"text":"a note"}""");
            good = await Export(theirs.Http);
        }
        finally
        {
            await theirs.DisposeAsync();
        }
        const string Entries = "data/entries.csv";
        (byte[] Package, string Told)[] cases =
        [
            ([1, 2, 3], "is no zip"),
            (Zip([]), "datapackage.json: is missing"),
            (Zip([new("datapackage.json", "{}"u8.ToArray())]), "gassel.package is missing"),
            (Changed(good, "datapackage.json", s => s.Replace("\"package\": 2", "\"package\": 3")), "newer Gassel"),
            (Zip([.. Files(good), new("../escaped.csv", [1])]), "../escaped.csv: is no file of a package"),
            (Zip(Files(good).Where(f => f.Key != Entries)), "data/entries.csv: is missing"),
            (Changed(good, Entries, s => s.Replace("note", "Note"), sum: false), "is not what datapackage.json says"),
            (Changed(good, Entries, s => s.Replace("done_at", "done_by")), "the column done_at is missing"),
            (Changed(good, Entries, s => s.Replace("2027-03-14,", "14 March,")), "data/entries.csv, row 1, done_on: was '14 March'"),
            (Changed(good, Entries, s => s.Replace("\"{", "\"[")), "an object as JSON"),
            (Changed(good, Entries, s => s + s.Split("\r\n")[1] + "\r\n"), "row 2: has the id of another row"),
            (Changed(good, Entries, s => s.Replace("a note", "a \" note")), "data/entries.csv"),
            (Changed(good, "data/batches.csv", s => s.Split("\r\n")[0] + "\r\n"), "batch_id: names none of the batches"),
            (Changed(good, "data/site.csv", s => s.Replace("America/Denver", "Moon/Sea")), "time_zone: is no time zone"),
            (Changed(good, "data/lots.csv", s => s.Replace("\"\"counted\"\":500", "\"\"counted\"\":\"\"many\"\"")), "lot: is no SeedLot"),
            (
                Changed(good, "data/people.csv", _ =>
                    "name\r\n" + string.Concat(Enumerable.Repeat(new string('a', 10_000) + "\r\n", 6000))
                ),
                "far more than a book"
            ),
        ];
        foreach (var (package, told) in cases)
        {
            var (status, problem) = await Import(book, package);
            Assert.True(
                status == 400 && problem["detail"]!.GetValue<string>().Contains(told, StringComparison.Ordinal),
                $"{told}: {problem.ToJsonString()}"
            );
            Assert.Equal("package", problem["field"]!.GetValue<string>());
        }
        Assert.Empty((await book.Get("/api/batches")).AsArray());
        Assert.Empty((await book.Get("/api/lots")).AsArray());
        Assert.Empty(Directory.GetFiles(book.Folder, "*.arriving"));
    }
}
