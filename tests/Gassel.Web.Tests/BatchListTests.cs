using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>The list of batches: chosen, in order, page by page, and what a gesture on many needs of them.</summary>
public sealed class BatchListTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        await _book.BatchOfBalsamroot(seeds: 10);
        // B-2 to B-4 in the fridge, B-5 sown
        await _book.Post(
            "/api/told",
            $$"""
            {"save":true,"who":"me","lines":[{{string.Join(',', Enumerable.Repeat(Line("cold-moist"), 3))}},{{Line("germinate")}}]}
            """
        );
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private static string Line(string step) =>
        $$"""{"species":"arrowleaf balsamroot","lot":"1","step":"{{step}}","since":"2027-01-01","seeds":"20","place":""}""";

    private async Task<List<int>> Numbers(string query) =>
        [.. (await _book.Get($"/api/batch-list?{query}"))["lines"]!.AsArray().Select(l => l!["batch"]!["number"]!.GetValue<int>())];

    [Theory]
    [InlineData("", new[] { 5, 4, 3, 2, 1 })]
    [InlineData("state=planned", new[] { 1 })]
    [InlineData("state=inTreatment", new[] { 4, 3, 2 })]
    [InlineData("state=sown", new[] { 5 })]
    [InlineData("place=cold-shelf&from=1&take=1", new[] { 3 })]
    [InlineData("text=b-3", new[] { 3 })]
    [InlineData("text=arrow%20balsamorhiza", new[] { 5, 4, 3, 2, 1 })]
    [InlineData("text=rowleaf", new int[0])]
    [InlineData("species=blue-flax", new int[0])]
    [InlineData("order=due&take=1", new[] { 5 })]
    public async Task Batches_are_chosen_and_put_in_order(string query, int[] numbers) => Assert.Equal(numbers, await Numbers(query));

    [Fact]
    public async Task A_page_knows_all_that_fit_and_by_what_else_can_be_chosen()
    {
        var page = await _book.Get("/api/batch-list?state=inTreatment&take=2");
        Assert.Equal((5, 3), (page["all"]!.GetValue<int>(), page["found"]!.GetValue<int>()));
        Assert.Equal(2, page["lines"]!.AsArray().Count);
        Assert.Equal([4, 3, 2], page["numbers"]!.AsArray().Select(n => n!.GetValue<int>()));
        Assert.Equal(
            ["planned 1", "inTreatment 3", "sown 1"],
            page["choices"]!["states"]!.AsArray().Select(c => $"{c!["value"]} {c["batches"]}")
        );
        // the winters of their starts: those told begin in January, the planned one in March or later
        Assert.Equal(["2026"], page["choices"]!["seasons"]!.AsArray().Select(c => c!["value"]!.GetValue<string>()));
        Assert.Empty((await _book.Get("/api/batch-list?from=2"))["numbers"]!.AsArray());
    }

    [Fact]
    public async Task A_symptom_and_an_entry_to_settle_are_troubles_until_they_are_gone()
    {
        var batch = (await _book.Get("/api/batch-list?text=B-5"))["lines"]![0]!["batch"]!["id"]!.GetValue<Guid>();
        Assert.Empty(await Numbers("trouble=symptom"));
        var (status, said) = await _book.Record(batch, "2027-03-10", "warn", """{"kind":"symptomSeen","part":"1","what":"aphids"}""");
        Assert.True(status == 200, said.ToJsonString());
        Assert.Equal([5], await Numbers("trouble=symptom"));
    }

    [Theory]
    [InlineData("state=up", "state")]
    [InlineData("trouble=3", "trouble")]
    [InlineData("take=201", "take")]
    [InlineData("from=-1", "from")]
    [InlineData("season=last", "season")]
    public async Task What_cannot_be_asked_is_named(string query, string field)
    {
        using var answer = await _book.Http.GetAsync($"/api/batch-list?{query}", TestContext.Current.CancellationToken);
        var problem = JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;
        Assert.Equal((400, field), ((int)answer.StatusCode, problem["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task Parts_to_act_on_say_what_can_be_done_with_them()
    {
        var (status, parts) = await _book.Post("/api/batch-list/parts", """{"numbers":[1,2,5,5]}""");
        Assert.Equal(200, status);
        Assert.Equal(
            ["1 stands nowhere", "2 cold-shelf", "5 yard waters closes"],
            parts
                .AsArray()
                .Select(p =>
                    $"{p!["number"]} {p["place"]?.GetValue<string>() ?? "stands nowhere"}"
                    + $"{(p["waters"]!.GetValue<bool>() ? " waters" : "")}{(p["closes"]!.GetValue<bool>() ? " closes" : "")}"
                )
        );
        (status, var problem) = await _book.Post("/api/batch-list/parts", """{"numbers":[9]}""");
        Assert.Equal(404, status);
        Assert.Contains("B-9", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Tables_are_written_of_the_chosen_batches_alone()
    {
        var cancel = TestContext.Current.CancellationToken;
        var rows = (await _book.Http.GetStringAsync("/api/tables/batches.csv?batches=2-3,5", cancel)).Trim().Split('\n');
        Assert.Equal(["batch", "B-2", "B-3", "B-5"], rows.Select(r => r.Split(',')[0]));
        using var refused = await _book.Http.GetAsync("/api/tables/batches.csv?batches=5-2", cancel);
        Assert.Equal(400, (int)refused.StatusCode);
    }
}
