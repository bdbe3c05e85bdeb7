using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>One gesture on many batches, and what hazard forbids however it is sent.</summary>
public sealed class TreatmentTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        await _book.Put("/api/site?asOf=*", """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""");
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    /// <summary>Batches of a species, told to be in a step since some days.</summary>
    private async Task<List<Guid>> Told(string species, string step, int count = 1)
    {
        await _book.Post(
            "/api/lots",
            $$"""{"speciesId":"{{species}}","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":5000,"assumedFraction":0.6} }"""
        );
        var line = $$"""{"species":"{{species}}","lot":"","step":"{{step}}","since":"2027-02-20","seeds":"60","place":""}""";
        var (status, told) = await _book.Post(
            "/api/told",
            $$"""{"save":true,"who":"grower","lines":[{{string.Join(',', Enumerable.Repeat(line, count))}}]}"""
        );
        Assert.True(status == 200 && told["refused"]!.GetValue<int>() == 0, told.ToJsonString());
        var numbers = told["saved"]!.AsArray().Select(n => n!.GetValue<int>()).ToHashSet();
        return
        [
            .. (await _book.Get("/api/batches"))
                .AsArray()
                .Where(b => numbers.Contains(b!["number"]!.GetValue<int>()))
                .Select(b => b!["id"]!.GetValue<Guid>()),
        ];
    }

    private Task<(int Status, JsonNode Body)> Many(string ifConflict, params (Guid Batch, string Payload)[] entries)
    {
        var batches = entries.Select(e =>
            $$"""
                {"batch":"{{e.Batch}}","entries":[{"id":"{{Guid.NewGuid()}}","doneOn":"2027-03-14","doneAt":null,
                "recordedAt":"2027-03-14T18:00:00Z","payload":{{e.Payload}} }]}
                """
        );
        return _book.Post(
            "/api/entries",
            $$"""{"act":"{{Guid.NewGuid()}}","who":"grower","ifConflict":"{{ifConflict}}","batches":[{{string.Join(',', batches)}}]}"""
        );
    }

    private const string AllWell = """{"kind":"check","part":"1","moisture":"right","mould":"none","sprouted":0}""";

    private async Task<int> Checks(Guid batch) =>
        (await _book.Get($"/api/batches/{batch}"))["log"]!
            .AsArray()
            .Count(l => l!["words"]!.GetValue<string>().StartsWith("Checked", StringComparison.Ordinal));

    [Fact]
    public async Task Ten_bags_in_one_request_are_ten_entries_of_one_gesture()
    {
        var bags = await Told("balsamroot", "cold-moist", 10);
        var (status, body) = await Many(
            "warn",
            [.. bags.Select((b, i) => (b, i is 2 or 7 ? AllWell.Replace("right", "dry", StringComparison.Ordinal) : AllWell))]
        );
        Assert.True(status == 200, body.ToJsonString());
        Assert.Equal(10, body["batches"]!.AsArray().Count);
        var acts = new HashSet<string>();
        foreach (var bag in bags)
        {
            Assert.Equal(1, await Checks(bag));
            acts.Add((await _book.Get($"/api/batches/{bag}"))["log"]![1]!["act"]!.GetValue<string>());
        }
        Assert.Single(acts);
        Assert.Equal(0, (await _book.Get("/api/rounds"))["dueCount"]!.GetValue<int>());
    }

    [Fact]
    public async Task One_bag_that_does_not_fit_keeps_them_all_out_unless_it_was_so()
    {
        var bags = await Told("balsamroot", "cold-moist", 3);
        var tooMany = AllWell.Replace("\"sprouted\":0", "\"sprouted\":61", StringComparison.Ordinal);
        var (status, body) = await Many("warn", (bags[0], AllWell), (bags[1], tooMany), (bags[2], AllWell));
        Assert.Equal(409, status);
        Assert.Equal("B-2: 61 sprouted, but only 60 seeds are left that could.", body["detail"]!.GetValue<string>());
        Assert.Equal(0, await Checks(bags[0]));
        (status, _) = await Many("keep", (bags[0], AllWell), (bags[1], tooMany), (bags[2], AllWell));
        Assert.Equal(200, status);
        Assert.Equal(1, await Checks(bags[0]));
        Assert.Single((await _book.Get("/api/rounds"))["conflicts"]!.AsArray());
    }

    [Fact]
    public async Task Two_phones_that_look_at_the_same_bag_are_both_kept_and_a_sprout_counted_twice_is_shown()
    {
        var bag = (await Told("balsamroot", "cold-moist"))[0];
        var forty = AllWell.Replace("\"sprouted\":0", "\"sprouted\":40", StringComparison.Ordinal);
        Assert.Equal(200, (await _book.Record(bag, "2027-03-14", "keep", forty)).Status);
        Assert.Equal(200, (await _book.Record(bag, "2027-03-14", "keep", forty)).Status);
        Assert.Equal(2, await Checks(bag));
        Assert.Equal(
            "40 sprouted, but only 20 seeds are left that could.",
            (await _book.Get("/api/rounds"))["conflicts"]![0]!["why"]!.GetValue<string>()
        );
    }

    [Theory]
    [InlineData("""{"batches":[]}""", "batches", "batches holds 0 items; valid are 1 to 500.")]
    [InlineData("""{"batches":[{"batch":"@","entries":[]}]}""", "batches[0].entries", "entries holds 0 items")]
    [InlineData("""{"batches":[{"batch":"@","entries":[#]},{"batch":"@","entries":[#]}]}""", "batches", "A batch is named twice")]
    [InlineData("""{"batches":[{"batch":"00000000-0000-0000-0000-00000000000f","entries":[#]}]}""", "batch", "There is no batch")]
    public async Task What_cannot_be_read_is_told_with_its_place(string body, string field, string words)
    {
        var bag = (await Told("balsamroot", "cold-moist"))[0];
        var entry = $$"""
            {"id":"{{Guid.NewGuid()}}","doneOn":"2027-03-14","doneAt":null,"recordedAt":"2027-03-14T18:00:00Z","payload":{{AllWell}}}
            """;
        var json = body.Replace("@", bag.ToString(), StringComparison.Ordinal).Replace("#", entry, StringComparison.Ordinal);
        var (_, problem) = await _book.Post("/api/entries", $$"""{"act":"{{Guid.NewGuid()}}","who":"grower",{{json[1..]}}""");
        Assert.Equal(field, problem["field"]!.GetValue<string>());
        Assert.Contains(words, problem["detail"]!.GetValue<string>());
    }

    [Fact]
    public async Task Toxic_seed_is_neither_rinsed_nor_put_into_water_however_it_is_sent()
    {
        var bag = (await Told("meadow-death-camas", "cold-moist"))[0];
        var (status, problem) = await _book.Record(
            bag,
            "2027-03-14",
            "keep",
            """{"kind":"check","part":"1","moisture":"right","mould":"some","sprouted":0,"care":["rinsed"]}"""
        );
        Assert.Equal(400, status);
        Assert.Equal("entries[0].payload.care", problem["field"]!.GetValue<string>());
        Assert.Equal("Toxic seed is never rinsed: it gets new medium, or the bag is discarded.", problem["detail"]!.GetValue<string>());
        (status, problem) = await _book.Record(bag, "2027-03-14", "keep", """{"kind":"waterChanged","part":"1"}""");
        Assert.Equal(400, status);
        Assert.Contains("toxic seed gets no soak", problem["detail"]!.GetValue<string>());
        Assert.Equal(
            200,
            (
                await _book.Record(
                    bag,
                    "2027-03-14",
                    "warn",
                    """{"kind":"check","part":"1","moisture":"right","mould":"some","sprouted":0,"care":["newMedium"]}"""
                )
            ).Status
        );
    }

    [Fact]
    public async Task A_soak_planned_before_the_seed_was_known_to_be_toxic_is_refused()
    {
        await _book.Post(
            "/api/lots",
            """{"speciesId":"globemallow","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":500,"assumedFraction":0.6}}"""
        );
        var id = Guid.NewGuid();
        await _book.Post(
            "/api/batches",
            $$"""
            {"id":"{{id}}","choice":"usual","seeds":60,"who":"grower","plan":{"speciesId":"globemallow","routeId":null,"lotId":1,
            "plants":20,"target":"sow","lastFrost":"2027-05-08","weeksFromLastFrost":0} }
            """
        );
        await using (
            var db = Microsoft.Extensions.DependencyInjection.ServiceProviderServiceExtensions.GetRequiredService<Func<Data.GasselDb>>(
                _book.Services
            )()
        )
        {
            var row = db.Species.Single(s => s.Id == "globemallow");
            row.Body = row.Body!.Replace("\"hazard\":\"none\"", "\"hazard\":\"toxic\"", StringComparison.Ordinal);
            await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        }
        await _book.Restart();
        var (status, problem) = await _book.Record(
            id,
            "2027-03-14",
            "keep",
            """{"kind":"stepStarted","part":"1","step":1,"seeds":60,"place":"table","vessel":null}"""
        );
        Assert.Equal(400, status);
        Assert.Equal("entries[0].payload.step", problem["field"]!.GetValue<string>());
        Assert.Contains("soak: toxic seed gets no soak", problem["detail"]!.GetValue<string>());
    }

    [Fact]
    public async Task Toxic_seed_wants_its_caution_read_once_a_batch()
    {
        var bag = (await Told("meadow-death-camas", "cold-moist"))[0];
        async Task<int> ToRead() =>
            (await _book.Get("/api/rounds"))["places"]!.AsArray().SelectMany(p => p!["parts"]!.AsArray()).Single()!["toRead"]!
                .AsArray()
                .Count;
        Assert.Equal(1, await ToRead());
        Assert.Equal(200, (await _book.Record(bag, "2027-03-14", "warn", """{"kind":"cautionRead","topic":"toxicSeed"}""")).Status);
        Assert.Equal(0, await ToRead());
    }

    [Fact]
    public async Task Media_are_told_with_amounts_for_the_seed_at_hand()
    {
        var bag = (await Told("balsamroot", "cold-moist"))[0];
        var media = (await _book.Get($"/api/batches/{bag}/media?seeds=60")).AsArray();
        Assert.Equal(
            ["towel", "filterInTowel", "sand", "peatVermiculite", "sphagnum"],
            media.Select(m => m!["medium"]!.GetValue<string>())
        );
        Assert.Contains("ml of washed coarse sand", media[2]!["amount"]!.GetValue<string>());
        var (status, problem) = await _book.Send(HttpMethod.Get, $"/api/batches/{bag}/media?seeds=0");
        Assert.Equal((400, "seeds"), (status, problem["field"]!.GetValue<string>()));
    }
}
