using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>The answer to a gesture tells what it made otherwise on Rounds, so that nobody asks for all of them again.</summary>
public sealed class RoundsChangeTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        await _book.Put("/api/site?asOf=*", """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""");
        await _book.Post(
            "/api/lots",
            """{"speciesId":"saskatoon","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":5000,"assumedFraction":0.6} }"""
        );
        const string cold = """{"species":"saskatoon","lot":"","step":"cold-moist","since":"2026-12-20","seeds":"60","place":""}""";
        const string sown = """
            {"species":"saskatoon","lot":"","step":"sown","since":"2027-03-01","seeds":"40","vessel":"tray","place":"lamp shelf"}
            """;
        var (_, told) = await _book.Post("/api/told", $$"""{"save":true,"who":"grower","lines":[{{cold}},{{cold}},{{sown}},{{sown}}]}""");
        Assert.Equal(4, told["saved"]!.AsArray().Count);
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private async Task<List<Guid>> Batches() =>
        [
            .. (await _book.Get("/api/batches"))
                .AsArray()
                .OrderBy(b => b!["number"]!.GetValue<int>())
                .Select(b => b!["id"]!.GetValue<Guid>()),
        ];

    /// <summary>
    /// Records, and holds what the answer tells against all Rounds before and after: what it tells is as all Rounds tell it, and what it
    /// passes over is as it was.
    /// </summary>
    private async Task<JsonNode> HoldsFor(Guid batch, string payload)
    {
        var before = await _book.Get("/api/rounds");
        var entry = $$"""
            {"id":"{{Guid.NewGuid()}}","doneOn":"2027-03-14","doneAt":null,"recordedAt":"2027-03-14T18:00:00Z","payload":{{payload}} }
            """;
        var (status, answer) = await _book.Post(
            $"/api/batches/{batch}/entries?rounds=true",
            $$"""{"act":"{{Guid.NewGuid()}}","who":"grower","ifConflict":"warn","entries":[{{entry}}]}"""
        );
        Assert.True(status == 200, answer.ToJsonString());
        var (change, after) = (answer["rounds"]!, await _book.Get("/api/rounds"));
        Assert.Equal(before["sequence"]!.GetValue<long>() + 1, change["sequence"]!.GetValue<long>());
        Assert.Equal(after["sequence"]!.GetValue<long>(), change["sequence"]!.GetValue<long>());
        Assert.Equal([$"{batch}"], change["batches"]!.AsArray().Select(b => b!.GetValue<string>()));
        foreach (var whole in new[] { "conflicts", "yard", "aside" })
            Same(after[whole], change[whole]);
        Assert.Equal(
            after["dueCount"]!.GetValue<int>(),
            after["places"]!.AsArray().Sum(p => p!["jobs"]!.GetValue<int>() + p["parts"]!.AsArray().Sum(DueToday))
        );
        foreach (var place in after["places"]!.AsArray().Concat(before["places"]!.AsArray()))
        {
            var id = place!["place"]!["id"]!.GetValue<string>();
            var (now, was, told) = (At(after, id), At(before, id), At(change, id));
            Assert.Equal(
                (now?["parts"]!.AsArray() ?? []).Where(Of(batch)).Select(p => p!.ToJsonString()),
                (told?["parts"]!.AsArray() ?? []).Select(p => p!.ToJsonString())
            );
            Assert.Equal(Others(was, batch), Others(now, batch));
            foreach (var head in new[] { "temperature", "lamps", "airing", "symptoms", "water", "out", "jobs" })
                Same((told ?? was ?? now)?[head], now is null ? (told ?? was)?[head] : now[head]);
        }
        return change;
    }

    private static void Same(JsonNode? expected, JsonNode? actual) => Assert.Equal(expected?.ToJsonString(), actual?.ToJsonString());

    private static JsonNode? At(JsonNode rounds, string place) =>
        rounds["places"]!.AsArray().FirstOrDefault(p => p!["place"]!["id"]!.GetValue<string>() == place);

    private static Func<JsonNode?, bool> Of(Guid batch) => part => part!["batchId"]!.GetValue<Guid>() == batch;

    private static IEnumerable<string> Others(JsonNode? place, Guid batch) =>
        (place?["parts"]!.AsArray() ?? []).Where(p => !Of(batch)(p)).Select(p => p!.ToJsonString());

    private static int DueToday(JsonNode? part) =>
        part!["due"]!.AsArray().Count(d => string.CompareOrdinal(d!["due"]!["dueOn"]!.GetValue<string>(), "2027-03-14") <= 0);

    [Fact]
    public async Task A_look_changes_its_bag_and_leaves_its_neighbour_as_it_was()
    {
        var bag = (await Batches())[0];
        var change = await HoldsFor(bag, """{"kind":"check","part":"1","moisture":"right","mould":"none","sprouted":0}""");
        var part = Assert.Single(Assert.Single(change["places"]!.AsArray())!["parts"]!.AsArray());
        Assert.Equal(bag, part!["batchId"]!.GetValue<Guid>());
    }

    [Fact]
    public async Task Of_a_tray_that_moves_both_places_are_told_and_what_waters_them()
    {
        var tray = (await Batches())[2];
        var change = await HoldsFor(tray, """{"kind":"moved","part":"1","place":"table"}""");
        Assert.Equal(2, change["places"]!.AsArray().Count);
        Assert.Empty(At(change, "lamp-shelf")!["parts"]!.AsArray());
        Assert.NotEmpty(change["order"]!.AsArray());
    }

    /// <summary>The neighbour of the bag is warmer by it too, so all of Rounds is to be asked for.</summary>
    [Fact]
    public async Task A_thermometer_read_at_a_look_tells_of_more_than_its_bag()
    {
        var (bag, neighbour) = ((await Batches())[0], (await Batches())[1]);
        async Task<string> Cold() =>
            At(await _book.Get("/api/rounds"), "cold-shelf")!["parts"]!.AsArray().Single(Of(neighbour))!["cold"]!.ToJsonString();
        var before = await Cold();
        var (status, answer) = await _book.Post(
            $"/api/batches/{bag}/entries?rounds=true",
            $$"""
            {"act":"{{Guid.NewGuid()}}","who":"grower","ifConflict":"warn","entries":[{"id":"{{Guid.NewGuid()}}","doneOn":"2027-03-01",
            "doneAt":null,"recordedAt":"2027-03-14T18:00:00Z",
            "payload":{"kind":"check","part":"1","moisture":"right","mould":"none","sprouted":0,"placeC":11} }]}
            """
        );
        Assert.Equal(200, status);
        Assert.NotEqual(before, await Cold());
        Assert.Null(answer["rounds"]);
    }

    private async Task<JsonNode> Noted(Guid batch, string query)
    {
        var (status, answer) = await _book.Post(
            $"/api/batches/{batch}/entries{query}",
            $$"""
            {"act":"{{Guid.NewGuid()}}","who":"grower","ifConflict":"warn","entries":[{"id":"{{Guid.NewGuid()}}","doneOn":"2027-03-14",
            "doneAt":null,"recordedAt":"2027-03-14T18:00:00Z","payload":{"kind":"note","part":null,"text":"looked"} }]}
            """
        );
        Assert.Equal(200, status);
        return answer;
    }

    [Fact]
    public async Task The_batch_is_told_whole_to_who_shows_its_page()
    {
        var bag = (await Batches())[0];
        var before = await _book.Get($"/api/batches/{bag}");
        var told = (await Noted(bag, "?batch=true"))["batch"];
        Same(await _book.Get($"/api/batches/{bag}"), told);
        Assert.NotEqual(before.ToJsonString(), told!.ToJsonString());
    }

    [Fact]
    public async Task Nothing_is_told_of_Rounds_or_the_batch_to_who_did_not_ask()
    {
        var bag = (await Batches())[0];
        var answer = await Noted(bag, "");
        Assert.Null(answer["rounds"]);
        Assert.Null(answer["batch"]);
        Assert.Equal(bag, Assert.Single(answer["batches"]!.AsArray())!["batch"]!.GetValue<Guid>());
    }
}
