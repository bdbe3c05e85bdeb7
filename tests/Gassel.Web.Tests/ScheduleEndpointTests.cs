namespace Gassel.Web.Tests;

public sealed class ScheduleEndpointTests(RunningBook book) : IClassFixture<RunningBook>
{
    private const string Path = "/api/calculators/schedule";

    private const string Steps = """
        [{"kind":"coldMoist","days":{"shortest":30,"usual":60,"longest":90}},{"kind":"germinate","days":{"shortest":7,"usual":14,
        "longest":28}},
         {"kind":"growOn","days":{"shortest":28,"usual":42,"longest":56}},{"kind":"hardenOff","days":{"shortest":7,"usual":10,
         "longest":14}}]
        """;

    /// <summary>The check of the calculator contract, counted by hand on a calendar.</summary>
    [Fact]
    public async Task Counting_back_from_planting_out()
    {
        var (status, body) = await book.Post(
            Path,
            $$"""{"anchor":{"event":"plantOut","date":"2027-05-20"},"today":"2027-02-01","steps":{{Steps}}}"""
        );
        Assert.Equal(200, status);
        Assert.Equal("""{"earliest":"2026-11-13","usual":"2027-01-14","latest":"2027-03-09"}""", body["start"]!.ToJsonString());
        Assert.True(body["feasible"]!.GetValue<bool>());
        Assert.Equal(18, body["shortfallDays"]!.GetValue<int>());
        var shorten = body["options"]!.AsArray().Single(o => o!["kind"]!.GetValue<string>() == "shorten")!;
        Assert.Equal([48, 14, 36, 10], shorten["steps"]!.AsArray().Select(s => s!["days"]!.GetValue<int>()));
        Assert.Equal("2027-05-20", shorten["finish"]!.GetValue<string>());
        Assert.NotEmpty(body["working"]!.AsArray());
    }

    [Theory]
    [InlineData("""{"anchor":{"event":"plantOut","date":"2027-02-30"},"today":"2027-02-01","steps":STEPS}""", "anchor.date", "yyyy-MM-dd")]
    [InlineData("""{"anchor":{"event":"plantOut","date":"2301-02-03"},"today":"2027-02-01","steps":STEPS}""", "anchor.date", "2200-12-31")]
    [InlineData("""{"anchor":{"event":"bloom","date":"2027-02-03"},"today":"2027-02-01","steps":STEPS}""", "anchor.event", "plantOut")]
    [InlineData("""{"anchor":{"date":"2027-02-03"},"today":"2027-02-01","steps":STEPS}""", "anchor.event", "missing")]
    [InlineData("""{"anchor":{"event":"plantOut","date":"2027-05-20"},"steps":STEPS}""", "today", "missing")]
    [InlineData("""{"anchor":{"event":"plantOut","date":"2027-05-20"},"today":"2027-02-01","steps":[]}""", "steps", "1 to 50")]
    [InlineData(
        """
            {"anchor":{"event":"plantOut","date":"2027-05-20"},"today":"2027-02-01","steps":[{"kind":"coldMoist","days":{"shortest":30,
            "usual":20,"longest":90}}]}
            """,
        "steps[0].days.usual",
        "from 30"
    )]
    [InlineData(
        """
            {"anchor":{"event":"plantOut","date":"2027-05-20"},"today":"2027-02-01","steps":[{"kind":"coldMoist","days":{"shortest":-3,
            "usual":20,"longest":90}}]}
            """,
        "steps[0].days.shortest",
        "from 0"
    )]
    [InlineData(
        """
            {"anchor":{"event":"plantOut","date":"2027-05-20"},"today":"2027-02-01","steps":[{"kind":"icing","days":{"shortest":3,
            "usual":20,"longest":90}}]}
            """,
        "steps[0].kind",
        "coldMoist"
    )]
    [InlineData(
        """
            {"anchor":{"event":"sow","date":"2027-05-20"},"today":"2027-02-01","steps":[{"kind":"coldMoist","days":{"shortest":3,
            "usual":20,"longest":90}}]}
            """,
        "steps",
        "exactly one"
    )]
    public async Task Bad_input_names_the_field_and_what_would_be_valid(string json, string field, string words)
    {
        var (status, problem) = await book.Post(Path, json.Replace("STEPS", Steps, StringComparison.Ordinal));
        Assert.Equal(400, status);
        Assert.Equal(field, problem["field"]!.GetValue<string>());
        Assert.Contains(words, problem["detail"]!.GetValue<string>());
    }
}
