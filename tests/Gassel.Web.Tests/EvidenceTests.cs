using System.IO.Compression;
using System.Net.Http.Headers;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>The package of another nursery, read beside one's own book.</summary>
public sealed class EvidenceTests : IAsyncLifetime
{
    private readonly RunningBook _mine = new();
    private readonly RunningBook _theirs = new();

    public async ValueTask InitializeAsync()
    {
        await _mine.InitializeAsync();
        await _theirs.InitializeAsync();
    }

    public async ValueTask DisposeAsync()
    {
        await _mine.DisposeAsync();
        await _theirs.DisposeAsync();
    }

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private async Task<(int Status, JsonNode Body)> Read(byte[] package)
    {
        using var content = new ByteArrayContent(package);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/zip");
        using var answer = await _mine.Http.PostAsync("/api/evidence", content, Cancel);
        return ((int)answer.StatusCode, JsonNode.Parse(await answer.Content.ReadAsStringAsync(Cancel))!);
    }

    private Task<byte[]> Package() => _theirs.Http.GetByteArrayAsync("/api/book/package", Cancel);

    /// <summary>A finished batch of balsamroot: 60 seeds, 12 weeks of cold, 12 up, given up.</summary>
    private async Task Finish()
    {
        var batch = await _theirs.BatchOfBalsamroot();
        await _theirs.Put("/api/site?asOf=*", """{"name":"North Bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""");
        foreach (
            var (day, payload) in new[]
            {
                (
                    "2026-10-01",
                    """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":{"kind":"bag","label":"bag 7"}}"""
                ),
                (
                    "2026-12-24",
                    """{"kind":"sown","part":"1","place":"lamp-shelf","vessel":{"kind":"deepCells","label":"rack 1","cells":72}}"""
                ),
                ("2027-01-20", """{"kind":"count","part":"1","emerged":12,"lost":0}"""),
                ("2027-02-20", """{"kind":"sowingClosed","part":"1"}"""),
            }
        )
        {
            var (status, said) = await _theirs.Record(batch, day, "keep", payload);
            Assert.True(status == 200, said.ToJsonString());
        }
    }

    private async Task<JsonNode> Plan(RunningBook? book = null)
    {
        var (status, plan) = await (book ?? _mine).Post(
            "/api/plan",
            """
            {"speciesId":"balsamroot","routeId":null,"lotId":1,"plants":20,"target":"sow","lastFrost":"2028-05-08","weeksFromLastFrost":0}
            """
        );
        Assert.True(status == 200, plan.ToJsonString());
        return plan;
    }

    [Fact]
    public async Task Their_finished_batches_teach_are_named_as_theirs_and_can_be_removed()
    {
        await _mine.Put("/api/site?asOf=*", """{"name":"South Bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""");
        await _mine.Post(
            "/api/lots",
            """{"speciesId":"balsamroot","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":500}}"""
        );
        var before = (await Plan())["seeds"]!["seeds"]!.GetValue<int>();
        await Finish();
        var (status, read) = await Read(await Package());
        Assert.True(status == 200, read.ToJsonString());
        var one = Assert.Single(read.AsArray())!;
        Assert.Equal(
            ("North Bench", 1, 1),
            (one["nursery"]!.GetValue<string>(), one["batches"]!.GetValue<int>(), one["species"]!.GetValue<int>())
        );
        // nothing of theirs is in the book itself
        Assert.Empty((await _mine.Get("/api/batches")).AsArray());
        Assert.Single((await _mine.Get("/api/lots")).AsArray());

        var after = await Plan();
        Assert.True(after["seeds"]!["seeds"]!.GetValue<int>() > before);
        Assert.Contains("Evidence of North Bench: 12 of 60", after.ToJsonString(), StringComparison.Ordinal);
        var route = (await _mine.Get("/api/species/balsamroot/results"))[0]!;
        Assert.Empty(route["batches"]!.AsArray());
        Assert.Equal("North Bench", route["others"]![0]!["nursery"]!.GetValue<string>());

        // the same once more replaces it
        Assert.Single((await Read(await Package())).Body.AsArray());
        var id = (await _mine.Get("/api/evidence"))[0]!["id"]!.GetValue<string>();
        using var removed = await _mine.Http.DeleteAsync($"/api/evidence/{id}", Cancel);
        Assert.Equal(200, (int)removed.StatusCode);
        Assert.Equal(before, (await Plan())["seeds"]!["seeds"]!.GetValue<int>());
        using var again = await _mine.Http.DeleteAsync($"/api/evidence/{id}", Cancel);
        Assert.Equal(404, (int)again.StatusCode);
    }

    /// <summary>A book that is taken to another machine reckons as before. Who reads it as evidence gets its own results.</summary>
    [Fact]
    public async Task It_goes_along_in_the_package_and_a_package_from_before_it_is_read()
    {
        await _mine.Put("/api/site?asOf=*", """{"name":"South Bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""");
        await _mine.Post(
            "/api/lots",
            """{"speciesId":"balsamroot","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":500}}"""
        );
        await Finish();
        await Read(await Package());
        var planned = (await Plan())["seeds"]!.ToJsonString();
        var package = await _mine.Http.GetByteArrayAsync("/api/book/package", Cancel);
        var (status, refused) = await Read(package);
        Assert.Equal(400, status);
        Assert.Contains("no finished batch", refused["detail"]!.GetValue<string>(), StringComparison.Ordinal);

        await using var other = new RunningBook();
        await other.InitializeAsync();
        await TakeIn(other, package);
        Assert.Equal("North Bench", (await other.Get("/api/evidence"))[0]!["nursery"]!.GetValue<string>());
        Assert.Equal(planned, (await Plan(other))["seeds"]!.ToJsonString());

        await using var older = new RunningBook();
        await older.InitializeAsync();
        await TakeIn(older, OfVersionOne(package));
        Assert.Empty((await older.Get("/api/evidence")).AsArray());
        Assert.Single((await older.Get("/api/lots")).AsArray());
    }

    private static async Task TakeIn(RunningBook book, byte[] package)
    {
        using var content = new ByteArrayContent(package);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/zip");
        using var answer = await book.Http.PostAsync("/api/book/package", content, Cancel);
        Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync(Cancel));
    }

    /// <summary>As it was written before there was evidence.</summary>
    private static byte[] OfVersionOne(byte[] package)
    {
        using var stream = new MemoryStream();
        stream.Write(package);
        using (var zip = new ZipArchive(stream, ZipArchiveMode.Update, leaveOpen: true))
        {
            zip.GetEntry("data/evidence.csv")!.Delete();
            var entry = zip.GetEntry("datapackage.json")!;
            JsonNode descriptor;
            using (var text = entry.Open())
                descriptor = JsonNode.Parse(text)!;
            entry.Delete();
            descriptor["gassel"]!["package"] = 1;
            var resources = descriptor["resources"]!.AsArray();
            resources.Remove(resources.Single(r => r!["name"]!.GetValue<string>() == "evidence"));
            using var written = new StreamWriter(zip.CreateEntry("datapackage.json").Open());
            written.Write(descriptor.ToJsonString());
        }
        return stream.ToArray();
    }

    [Fact]
    public async Task What_teaches_nothing_is_refused()
    {
        var (status, problem) = await Read(await Package());
        Assert.Equal((400, "package"), (status, problem["field"]!.GetValue<string>()));
        Assert.Contains("no finished batch", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        (status, problem) = await Read("nonsense"u8.ToArray());
        Assert.Equal(400, status);
        Assert.Contains("no zip", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Empty((await _mine.Get("/api/evidence")).AsArray());
    }
}
