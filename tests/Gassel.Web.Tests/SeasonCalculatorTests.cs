namespace Gassel.Web.Tests;

/// <summary>How many fit, and when: the calculators of docs/calculations.md over HTTP.</summary>
public sealed class SeasonCalculatorTests(RunningBook book) : IClassFixture<RunningBook>
{
    private const string Season = "/api/calculators/season";
    private const string Density = "/api/calculators/density";

    private static string Ask(string wishes, string more = "") =>
        $$"""{"from":"2027-01-01","to":"2027-03-31","places":[{"id":"mat","room":2}],"wishes":[{{wishes}}]{{more}}}""";

    private static string Wish(string id, int room = 2, string place = "mat", string latest = "2027-03-01") =>
        $$"""
            {"id":"{{id}}","target":"2027-01-10","earliest":"2027-01-10","latest":"{{latest}}",
            "steps":[{"place":"{{place}}","room":{{room}},"days":10}]}
            """;

    [Fact]
    public async Task Two_that_fill_the_mat_come_one_after_the_other()
    {
        var (status, body) = await book.Post(Season, Ask($"{Wish("a")},{Wish("b")}"));
        Assert.True(status == 200, body.ToJsonString());
        var starts = new[] { "a", "b" }.Select(id => body["starts"]![id]!.GetValue<string>()).Order();
        Assert.Equal(["2027-01-10", "2027-01-20"], starts);
        Assert.Equal((10, 10, true), (body["cost"]!.GetValue<int>(), body["bound"]!.GetValue<int>(), body["optimal"]!.GetValue<bool>()));
        Assert.Equal(20, body["load"]!.AsArray().Count);
        var full = Assert.Single(body["binding"]!.AsArray())!;
        Assert.Equal(
            ("mat", "2027-01-10", "2027-01-19"),
            (full["place"]!.GetValue<string>(), full["from"]!.GetValue<string>(), full["to"]!.GetValue<string>())
        );
    }

    [Fact]
    public async Task What_fits_nowhere_is_left_out()
    {
        var (_, body) = await book.Post(Season, Ask(Wish("large", 3)));
        Assert.Null(body["starts"]!["large"]);
        Assert.Equal(10_000, body["cost"]!.GetValue<int>());
    }

    [Fact]
    public async Task What_cannot_be_asked_is_said_by_its_field()
    {
        async Task Refused(string body, string field, string words)
        {
            var (status, problem) = await book.Post(Season, body);
            Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
            Assert.Contains(words, problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        }
        await Refused(Ask(Wish("a", 0)), "wishes[0].steps[0].room", "from 1");
        await Refused(Ask(Wish("a", place: "shelf")), "wishes[0].steps[0].place", "id of one of places");
        await Refused(Ask($"{Wish("a")},{Wish("a")}"), "wishes[1].id", "another wish");
        await Refused(Ask(Wish("a", latest: "2027-05-01")), "wishes[0].latest", "2027-03-31");
        await Refused(Ask("null"), "wishes[0]", "is null");
        await Refused(
            Ask("{\"id\":\"a\",\"target\":\"2027-01-10\",\"earliest\":\"2027-01-10\",\"latest\":\"2027-01-10\",\"steps\":[null]}"),
            "wishes[0].steps[0]",
            "is null"
        );
        await Refused(Ask(Wish("a"), ",\"seconds\":0"), "seconds", "from 1");
    }

    /// <summary>The check values of docs/calculations.md (common practice, no source).</summary>
    [Theory]
    [InlineData("""{"surfaceCm2":177}""", "seeds", 109)]
    [InlineData("""{"preset":"jug4"}""", "seeds", 109)]
    [InlineData("""{"areaM2":1,"spacingCm":15}""", "plants", 44)]
    [InlineData("""{"areaM2":1,"spacingCm":20}""", "plants", 25)]
    [InlineData("""{"areaM2":1,"spacingCm":30}""", "plants", 11)]
    [InlineData("""{"areaM2":10,"spacingCm":60}""", "plants", 27)]
    public async Task So_many_fit(string question, string field, int many)
    {
        var (status, body) = await book.Post(Density, question);
        Assert.True(status == 200, body.ToJsonString());
        Assert.Equal(many, body[field]!.GetValue<int>());
    }

    [Theory]
    [InlineData("{}", "surfaceCm2")]
    [InlineData("""{"areaM2":1}""", "spacingCm")]
    [InlineData("""{"areaM2":1,"plants":3,"spacingCm":15}""", "plants")]
    [InlineData("""{"surfaceCm2":177,"preset":"jug4"}""", "preset")]
    [InlineData("""{"surfaceCm2":-1}""", "surfaceCm2")]
    public async Task One_question_at_a_time(string question, string field)
    {
        var (status, problem) = await book.Post(Density, question);
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }
}
