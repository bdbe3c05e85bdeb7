using System.Collections.Concurrent;
using System.Globalization;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;

namespace Gassel.Browser.Tests;

/// <summary>
/// Several clients record while the program is killed again and again: what was acknowledged is there once, and the file is whole. A few
/// rounds here; './gassel torture' asks for two hundred.
/// </summary>
public sealed class TortureTests : IDisposable
{
    private const int Clients = 6;
    private readonly string _folder = Directory.CreateTempSubdirectory("gassel-torture-").FullName;

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    [Fact]
    public async Task Nothing_acknowledged_is_lost_or_doubled()
    {
        var rounds = int.Parse(Environment.GetEnvironmentVariable("GASSEL_TORTURE_ROUNDS") ?? "4", CultureInfo.InvariantCulture);
        var batches = await Prepare();
        var acknowledged = new ConcurrentDictionary<Guid, Guid>();
        var random = new Random(1127);
        for (var round = 0; round < rounds; round++)
        {
            var program = new RunningProgram(demo: false, _folder);
            var clients = Enumerable.Range(0, Clients).Select(c => Record(program, batches[c], acknowledged)).ToArray();
            // every fourth time it dies in its first breath, else with recording in full swing
            var known = acknowledged.Count;
            for (var waited = 0; round % 4 != 3 && acknowledged.Count < known + Clients && waited < 10_000; waited += 10)
                await Task.Delay(10, TestContext.Current.CancellationToken);
            await Task.Delay(random.Next(5, 250), TestContext.Current.CancellationToken);
            program.Dispose();
            await Task.WhenAll(clients);
        }

        using (var program = new RunningProgram(demo: false, _folder))
        {
            foreach (var batch in batches)
            {
                var there = (await program.Get($"/api/batches/{batch}"))["log"]!.AsArray().Select(l => l!["id"]!.GetValue<Guid>()).ToList();
                Assert.Equal(there.Count, there.Distinct().Count());
                Assert.Empty(acknowledged.Where(a => a.Value == batch).Select(a => a.Key).Except(there));
            }
            await program.Send("/api/copies", "{}");
        }
        Assert.True(acknowledged.Count > rounds * Clients, $"only {acknowledged.Count} entries were acknowledged in {rounds} rounds");
        // the copy is read page by page when it is asked back
        var copy = Directory.GetFiles(Path.Combine(_folder, "copies")).Single();
        Assert.Contains("is the book", RunningProgram.Console("restore", copy, "--data", _folder));
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"{rounds} rounds, {acknowledged.Count} entries acknowledged by {Clients} clients, every one there once, the file whole"
            )
        );
    }

    private async Task<List<Guid>> Prepare()
    {
        using var program = new RunningProgram(demo: false, _folder);
        using var site = new StringContent(
            """{"name":"torture","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""",
            Encoding.UTF8,
            "application/json"
        );
        (await program.Http.PutAsync("/api/site", site)).EnsureSuccessStatusCode();
        await program.Send(
            "/api/lots",
            """{"speciesId":"balsamroot","lot":{"gatheredAt":"slope","gatheredOn":"2020-07-01","counted":100000,"assumedFraction":0.6}}"""
        );
        var today = (await program.Get("/api/site"))["today"]!.GetValue<string>();
        var lines = string.Join(
            ',',
            Enumerable.Repeat(
                $$"""{"species":"balsamroot","lot":"1","step":"cold-moist","since":"{{today}}","seeds":"60","place":""}""",
                Clients
            )
        );
        await program.Send("/api/told", $$"""{"save":true,"who":"client","lines":[{{lines}}]}""");
        return [.. (await program.Get("/api/batches")).AsArray().Select(b => b!["id"]!.GetValue<Guid>())];
    }

    /// <summary>Records until the program is gone. Every third entry is sent twice, as a phone does that saw no answer.</summary>
    private static async Task Record(RunningProgram program, Guid batch, ConcurrentDictionary<Guid, Guid> acknowledged)
    {
        try
        {
            var today = (await program.Get("/api/site"))["today"]!.GetValue<string>();
            for (var i = 0; ; i++)
            {
                var id = Guid.NewGuid();
                for (var times = i % 3 == 0 ? 2 : 1; times > 0; times--)
                {
                    using var content = new StringContent(
                        $$"""
                        {"act":"{{id}}","who":"client","ifConflict":"keep","entries":[{"id":"{{id}}","doneOn":"{{today}}","doneAt":null,
                        "recordedAt":"2027-03-14T09:00:00Z",
                         "payload":{"kind":"note","part":null,"text":"entry {{i}}"} }]}
                        """,
                        Encoding.UTF8,
                        "application/json"
                    );
                    using var answer = await program.Http.PostAsync($"/api/batches/{batch}/entries", content);
                    if (answer.IsSuccessStatusCode && (await answer.Content.ReadFromJsonAsync<JsonNode>())?["batches"] is not null)
                        acknowledged[id] = batch;
                }
            }
        }
        catch (Exception gone)
            when (gone
                    is HttpRequestException
                        or IOException
                        or OperationCanceledException
                        or ObjectDisposedException
                        or System.Text.Json.JsonException
            )
        {
            // the power is cut; what had no answer may be there or not
        }
    }
}
