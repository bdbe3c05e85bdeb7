using System.IO.Compression;
using System.Net;
using System.Text.Json.Nodes;
using Gassel.Data;
using Gassel.Web.Hosting;
using Gassel.Web.Runtime;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore.Migrations;
using Microsoft.Extensions.Time.Testing;

namespace Gassel.Web.Tests;

/// <summary>
/// A book of every version of the file opens, answers every view, and has the numbers that the program of then told. The books in
/// <c>Books</c> are the made-up season, written by the last program of each version, without its readings of temperature. The book of the
/// present version is written by <c>GASSEL_WRITE=1</c>; whoever adds a migration leaves it there.
/// </summary>
public sealed class OldBooksTests : IDisposable
{
    private static readonly string Books = Path.Combine(AppContext.BaseDirectory, "Books");

    private static readonly DateTimeOffset Then = new(2027, 3, 15, 5, 30, 0, TimeSpan.Zero);

    private static readonly string[] Told = ["speciesId", "seeds", "germinated", "standing"];

    private readonly string _folder = Directory.CreateTempSubdirectory("gassel-old-").FullName;

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    public static TheoryData<string> Versions =>
        [.. Directory.EnumerateFiles(Books, "*.db.gz").Select(f => Path.GetFileName(f)[..^".db.gz".Length]).Order()];

    /// <summary>Not a test of what is: it lays down the book of the present version, and only where that is asked for.</summary>
    [Fact]
    public async Task The_book_of_this_version_is_laid_down_where_it_is_asked_for()
    {
        Assert.SkipUnless(Environment.GetEnvironmentVariable("GASSEL_WRITE") is not null, "GASSEL_WRITE is not set");
        var told = new JsonObject();
        await using (var app = GasselHost.Build(new Launch(0, _folder, Demo: true), new FakeTimeProvider(Then)))
        {
            await app.StartAsync(TestContext.Current.CancellationToken);
            using var http = new HttpClient { BaseAddress = new Uri(app.Urls.First()) };
            told = Numbers(await Get(http, "/api/batches"));
        }
        var path = Path.Combine(_folder, "gassel.db");
        await using (var book = new SqliteConnection($"Data Source={path};Pooling=False"))
        {
            await book.OpenAsync(TestContext.Current.CancellationToken);
            await using var small = book.CreateCommand();
            small.CommandText =
                "DELETE FROM readings; DELETE FROM weather_days WHERE Day < '2024-01-01'; PRAGMA journal_mode = DELETE; VACUUM;";
            await small.ExecuteNonQueryAsync(TestContext.Current.CancellationToken);
        }
        var here = Path.Combine(SourceFiles.Root, "tests", "Gassel.Web.Tests", "Books", BookFile.NewestMigration());
        await using (var packed = new GZipStream(File.Create(here + ".db.gz"), CompressionLevel.SmallestSize))
        await using (var file = File.OpenRead(path))
            await file.CopyToAsync(packed, TestContext.Current.CancellationToken);
        await File.WriteAllTextAsync(here + ".json", told.ToJsonString(), TestContext.Current.CancellationToken);
    }

    [Fact]
    public void There_is_one_of_every_version() =>
        Assert.Equal(
            typeof(GasselDb)
                .Assembly.GetTypes()
                .SelectMany(t => t.GetCustomAttributes(typeof(MigrationAttribute), false).Cast<MigrationAttribute>())
                .Select(m => m.Id)
                .Order(),
            Versions.Select(v => v.Data)
        );

    [Theory]
    [MemberData(nameof(Versions))]
    public async Task It_opens_and_tells_every_view_with_the_numbers_of_then(string version)
    {
        await using (var packed = new GZipStream(File.OpenRead(Path.Combine(Books, version + ".db.gz")), CompressionMode.Decompress))
        await using (var file = File.Create(Path.Combine(_folder, "gassel.db")))
            await packed.CopyToAsync(file, TestContext.Current.CancellationToken);
        await using var app = GasselHost.Build(new Launch(0, _folder, Demo: false), new FakeTimeProvider(Then));
        await app.StartAsync(TestContext.Current.CancellationToken);
        using var http = new HttpClient { BaseAddress = new Uri(app.Urls.First()) };
        var batches = (await Get(http, "/api/batches")).AsArray();
        foreach (var path in (await PlainViews(http)).Concat(batches.Select(b => $"/api/batches/{b!["id"]}")))
        {
            using var answer = await http.GetAsync(path, TestContext.Current.CancellationToken);
            Assert.True(
                answer.StatusCode == HttpStatusCode.OK,
                $"{path}: {answer.StatusCode} {await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)}"
            );
        }
        var then = JsonNode.Parse(
            await File.ReadAllTextAsync(Path.Combine(Books, version + ".json"), TestContext.Current.CancellationToken)
        )!;
        Assert.Equal(then.ToJsonString(), Numbers(batches).ToJsonString());
    }

    /// <summary>Of each batch by its number: species, seeds, seedlings that came up, those that stand.</summary>
    private static JsonObject Numbers(JsonNode batches) =>
        new(
            batches
                .AsArray()
                .OrderBy(b => b!["number"]!.GetValue<int>())
                .Select(b =>
                    KeyValuePair.Create(b!["number"]!.ToString(), (JsonNode?)new JsonArray([.. Told.Select(name => b[name]!.DeepClone())]))
                )
        );

    /// <summary>Views that ask for nothing; a book that is not open to the network has no address there.</summary>
    private static async Task<IEnumerable<string>> PlainViews(HttpClient http) =>
        (await Get(http, "/openapi/v1.json"))["paths"]!
            .AsObject()
            .Where(p =>
                p.Value!["get"] is { } get
                && !p.Key.Contains('{')
                && p.Key != "/api/network/address.svg"
                && get["parameters"]?.AsArray().Any(q => q!["required"]?.GetValue<bool>() == true) != true
            )
            .Select(p => p.Key);

    private static async Task<JsonNode> Get(HttpClient http, string path) =>
        JsonNode.Parse(await http.GetStringAsync(path, TestContext.Current.CancellationToken))!;
}
