using System.Collections.Concurrent;
using System.Globalization;
using System.Net.Http.Headers;
using System.Security.Cryptography;
using System.Text;
using Gassel.Data;

namespace Gassel.Browser.Tests;

/// <summary>
/// The program is killed while it takes in a logger's file, a package or a photo, makes a copy or is to put one back, with somebody
/// recording meanwhile. A few rounds here; './gassel torture' asks for more.
/// </summary>
public sealed class KilledAtWorkTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("gassel-at-work-").FullName;

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    private static int Rounds(int few) =>
        Environment.GetEnvironmentVariable("GASSEL_TORTURE_ROUNDS") is { } asked ? int.Parse(asked, CultureInfo.InvariantCulture) : few;

    [Fact]
    public async Task Whatever_it_was_at_the_book_opens_whole_with_all_that_was_acknowledged()
    {
        var acknowledged = new ConcurrentBag<Guid>();
        var random = new Random(1130);
        Guid batch;
        using (var program = new RunningProgram(demo: false, _folder))
            batch = await Prepare(program);
        var rounds = Rounds(Deeds.Length);
        var cut = 0;
        for (var round = 0; round < rounds; round++)
        {
            using var program = new RunningProgram(demo: false, _folder);
            await LooksWhole(program);
            var notes = Record(program, batch, acknowledged);
            var deed = Do(program, Deeds[round % Deeds.Length].Ask());
            await Task.WhenAny(deed, Task.Delay(random.Next(10, 400), TestContext.Current.CancellationToken));
            program.Dispose();
            if (!await deed)
                cut++;
            await notes;
        }
        using (var program = new RunningProgram(demo: false, _folder))
        {
            await LooksWhole(program);
            var log = (await program.Get($"/api/batches/{batch}"))["log"]!.AsArray().Select(l => l!["id"]!.GetValue<Guid>()).ToHashSet();
            Assert.All(acknowledged, id => Assert.Contains(id, log));
        }
        Assert.NotEmpty(acknowledged);
        Assert.True(cut > 0, "every kill came after the work was done");
        Console.WriteLine(
            Text($"{rounds} kills at work, {cut} before it was done, {acknowledged.Count} entries acknowledged meanwhile, all there")
        );
    }

    [Fact]
    public async Task A_restore_that_is_killed_leaves_the_book_as_it_was_or_as_the_copy_is()
    {
        Guid batch;
        var copy = Path.Combine(_folder, "copy.db");
        var data = Directory.CreateDirectory(Path.Combine(_folder, "data")).FullName;
        using (var program = new RunningProgram(demo: false, data))
            batch = await Prepare(program);
        RunningProgram.Console("backup", copy, "--data", data);
        var before = BookInspection.RecordsIn(copy);
        using (var program = new RunningProgram(demo: false, data))
            await Note(program, batch, Guid.NewGuid());
        var random = new Random(1130);
        for (var round = 0; round < Rounds(3); round++)
        {
            using var restoring = System.Diagnostics.Process.Start(
                new System.Diagnostics.ProcessStartInfo(
                    "dotnet",
                    [Path.Combine(RunningProgram.Build, "Gassel.Web.dll"), "restore", copy, "--data", data]
                )
                {
                    RedirectStandardOutput = true,
                    RedirectStandardError = true,
                }
            )!;
            await Task.Delay(random.Next(50, 1500), TestContext.Current.CancellationToken);
            restoring.Kill();
            await restoring.WaitForExitAsync(TestContext.Current.CancellationToken);
            var holds = BookInspection.RecordsIn(Path.Combine(data, "gassel.db"));
            Assert.True(holds == before || holds == before + 1, $"the book holds {holds} records after round {round}");
            // where the copy is in its place, what it replaced lies beside it
            if (holds == before)
                Assert.Contains(Directory.GetFiles(data, "gassel-replaced-*.db"), r => BookInspection.RecordsIn(r) == before + 1);
        }
        using (var program = new RunningProgram(demo: false, data))
            await LooksWhole(program);
    }

    /// <summary>Every page of the book is whole, nothing half-made lies about, nothing is missing, and views answer.</summary>
    private static async Task LooksWhole(RunningProgram program)
    {
        foreach (var path in new[] { "/api/site", "/api/rounds", "/api/season", "/api/weather-records", "/api/places" })
            Assert.NotNull(await program.Get(path));
        Assert.Null((await program.Get("/api/site"))["loss"]?.GetValue<string>());
        var copies = (await program.Get("/api/copies"))["folder"]!.GetValue<string>();
        var folder = Path.GetDirectoryName(copies)!;
        Assert.Empty(Directory.GetFiles(folder, "*.arriving", SearchOption.AllDirectories));
        Assert.Equal(BookCondition.Good, BookInspection.Of(Path.Combine(folder, "gassel.db")).Condition);
        if (Directory.Exists(copies))
            Assert.All(Directory.GetFiles(copies, "*.db"), c => Assert.Equal(BookCondition.Good, BookInspection.Of(c).Condition));
    }

    private static async Task<Guid> Prepare(RunningProgram program)
    {
        await program.Send(
            HttpMethod.Put,
            "/api/site",
            """{"name":"torture","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}"""
        );
        await program.Lot("balsamroot");
        var today = (await program.Get("/api/site"))["today"]!.GetValue<string>();
        await program.Send(
            "/api/told",
            $$"""
            {"save":true,"who":"client",
             "lines":[{"species":"balsamroot","lot":"1","step":"cold-moist","since":"{{today}}","seeds":"60","place":""}] }
            """
        );
        return (await program.Get("/api/batches"))[0]!["id"]!.GetValue<Guid>();
    }

    private static async Task Record(RunningProgram program, Guid batch, ConcurrentBag<Guid> acknowledged)
    {
        try
        {
            while (true)
            {
                var id = Guid.NewGuid();
                await Note(program, batch, id);
                acknowledged.Add(id);
            }
        }
        catch (Exception gone) when (IsGone(gone))
        {
            // killed; what had no answer may be there or not
        }
    }

    private static async Task Note(RunningProgram program, Guid batch, Guid id)
    {
        var today = (await program.Get("/api/site"))["today"]!.GetValue<string>();
        await program.Send(
            $"/api/batches/{batch}/entries",
            $$"""
            {"act":"{{id}}","who":"client","ifConflict":"keep","entries":[{"id":"{{id}}","doneOn":"{{today}}","doneAt":null,
             "recordedAt":"2027-03-14T09:00:00Z","payload":{"kind":"note","part":null,"text":"meanwhile"} }]}
            """
        );
    }

    /// <returns>False where the program was gone before it answered.</returns>
    private static async Task<bool> Do(RunningProgram program, HttpRequestMessage asked)
    {
        using (asked)
        {
            try
            {
                using var answer = await program.Http.SendAsync(asked);
                var said = await answer.Content.ReadAsStringAsync();
                Assert.True(answer.IsSuccessStatusCode, $"{asked.RequestUri}: {said}");
                return true;
            }
            catch (Exception gone) when (IsGone(gone))
            {
                return false;
            }
        }
    }

    private static bool IsGone(Exception thrown) =>
        thrown is HttpRequestException or IOException or OperationCanceledException or ObjectDisposedException;

    private static HttpRequestMessage Posted(string path, byte[] body, string kind)
    {
        var asked = new HttpRequestMessage(HttpMethod.Post, path) { Content = new ByteArrayContent(body) };
        asked.Content.Headers.ContentType = new MediaTypeHeaderValue(kind);
        return asked;
    }

    /// <summary>No two alike, of some megabytes: a PNG by its marks, which is all that is looked at.</summary>
    private static HttpRequestMessage Photo()
    {
        var pixels = RandomNumberGenerator.GetBytes(4_000_000);
        byte[] picture =
        [
            .. new byte[] { 0x89, 0x50, 0x4E, 0x47, 0x0D, 0x0A, 0x1A, 0x0A, 0, 0, 0, 13 },
            .. "IHDR"u8,
            .. new byte[] { 0, 0, 4, 0, 0, 0, 4, 0, 8, 2, 0, 0, 0, 0, 0, 0, 0 },
            (byte)(pixels.Length >> 24),
            (byte)(pixels.Length >> 16),
            (byte)(pixels.Length >> 8),
            (byte)pixels.Length,
            .. "IDAT"u8,
            .. pixels,
            .. new byte[8],
            .. "IEND"u8,
            .. new byte[4],
        ];
        var asked = Posted($"/api/photos/{Convert.ToHexStringLower(SHA256.HashData(picture))}.png", picture, "image/png");
        asked.Method = HttpMethod.Put;
        return asked;
    }

    private static readonly Lazy<byte[]> Readings = new(() =>
    {
        var rows = new StringBuilder("time,celsius\n");
        var at = new DateTime(2026, 1, 1, 0, 0, 0, DateTimeKind.Utc);
        for (var i = 0; i < 40_000; i++)
            rows.Append(CultureInfo.InvariantCulture, $"{at.AddMinutes(10 * i):yyyy-MM-ddTHH:mm:ssZ},{3 + i % 7 / 10.0}\n");
        return Encoding.UTF8.GetBytes(rows.ToString());
    });

    private static readonly Lazy<byte[]> Weather = new(() =>
    {
        var rows = new StringBuilder("date,min,max\n");
        for (var day = new DateOnly(1976, 1, 1); day < new DateOnly(2026, 1, 1); day = day.AddDays(1))
            rows.Append(CultureInfo.InvariantCulture, $"{day:yyyy-MM-dd},-2,5\n");
        return Encoding.UTF8.GetBytes(rows.ToString());
    });

    /// <summary>The whole demo as a package.</summary>
    private static readonly Lazy<byte[]> Package = new(() =>
    {
        using var demo = new RunningProgram(demo: true);
        return demo.Http.GetByteArrayAsync("/api/book/package").GetAwaiter().GetResult();
    });

    private static readonly (string Name, Func<HttpRequestMessage> Ask)[] Deeds =
    [
        ("readings", () => Posted("/api/places/cold-shelf/reading-file?save=true&name=logger", Readings.Value, "text/csv")),
        ("weather", () => Posted("/api/weather-file?save=true&name=years", Weather.Value, "text/csv")),
        ("copy", () => Posted("/api/copies", "{}"u8.ToArray(), "application/json")),
        ("package", () => Posted("/api/book/package", Package.Value, "application/zip")),
        ("photo", Photo),
    ];

    private static string Text(FormattableString words) => words.ToString(CultureInfo.InvariantCulture);
}
