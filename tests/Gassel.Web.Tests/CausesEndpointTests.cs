namespace Gassel.Web.Tests;

/// <summary>The calculator of causes, over HTTP; the core's tests hold its rules against made-up seasons.</summary>
public sealed class CausesEndpointTests(RunningBook book) : IClassFixture<RunningBook>
{
    private const string Path = "/api/calculators/causes";

    private static string Told(string looks = "[]", string steps = "", string more = "", int seeds = 60) =>
        $$"""
            {"species":{"dormancyClass":"physiological","depth":"intermediate","germination":{"lowC":10,"highC":18},
            "sowingDepth":{"lowMm":2,"highMm":4} },
            "steps":[{"kind":"coldMoist","days":{"shortest":40,"usual":60,"longest":90},"from":"2026-12-01"{{steps}}}],
            "sowing":{"on":"2027-02-10","seeds":{{seeds}},"daysToEmergence":{"shortest":10,"usual":20,"longest":35},"expected":0.7,
            "depthMm":3,"cover":"mix"},"looks":{{looks}},"on":"2027-03-28"{{more}}}
            """;

    [Fact]
    public async Task A_tray_found_dry_twice_is_judged_to_have_dried_and_says_how_often_that_was_so()
    {
        var (status, body) = await book.Post(
            Path,
            Told("""[{"on":"2027-02-16","moisture":"dry"},{"on":"2027-02-20","moisture":"dry"},{"on":"2027-03-12","emerged":4}]""")
        );
        Assert.Equal(200, status);
        var first = body["causes"]![0]!;
        Assert.Equal("driedOut", first["cause"]!.GetValue<string>());
        Assert.InRange(first["chance"]!.GetValue<double>(), 0.5, 1);
        Assert.NotEmpty(first["for"]!.AsArray());
        Assert.NotEmpty(first["lookNext"]!.GetValue<string>());
        Assert.False(body["cannotTell"]!.GetValue<bool>());
    }

    [Fact]
    public async Task A_silent_record_cannot_tell_and_a_good_result_needs_no_cause()
    {
        var (_, silent) = await book.Post(Path, Told());
        Assert.True(silent["cannotTell"]!.GetValue<bool>());
        var (_, well) = await book.Post(Path, Told("""[{"on":"2027-03-12","emerged":50}]"""));
        Assert.False(well["isLow"]!.GetValue<bool>());
        Assert.False(well["cannotTell"]!.GetValue<bool>());
        Assert.Null(well["causes"]![0]!["chance"]);
    }

    /// <summary>Common practice, no source: cold counts by the temperature of the fridge, not by the calendar.</summary>
    [Fact]
    public async Task A_warm_fridge_is_found_by_its_thermometer()
    {
        var days = string.Join(
            ',',
            Enumerable
                .Range(0, 71)
                .Select(i => $$"""{"date":"{{new DateOnly(2026, 12, 1).AddDays(i):yyyy-MM-dd}}","minC":10.5,"maxC":12}""")
        );
        var (_, body) = await book.Post(Path, Told(steps: $$""","temperatures":[{{days}}]"""));
        Assert.Equal("chillingShort", body["causes"]![0]!["cause"]!.GetValue<string>());
        Assert.Equal("likely", body["causes"]![0]!["likelihood"]!.GetValue<string>());
    }

    [Fact]
    public async Task Its_examples_in_the_interface_description_can_be_tried()
    {
        var described = await book.Get("/openapi/v1.json");
        var examples = described["components"]!["schemas"]!["CausesRequest"]!["examples"]!.AsArray();
        List<string> first = [];
        foreach (var example in examples)
        {
            var (status, body) = await book.Post(Path, example!.ToJsonString());
            Assert.Equal(200, status);
            first.Add(body["causes"]![0]!["cause"]!.GetValue<string>());
        }
        Assert.Equal(["driedOut", "tooDeep"], first);
    }

    [Theory]
    [InlineData("""[{"on":"2027-01-01","emerged":4}]""", "", "", "looks[0].on")]
    [InlineData("""[{"on":"2027-03-01","emerged":61}]""", "", "", "looks[0].emerged")]
    [InlineData("""[{"on":"2027-03-01","emerged":40},{"on":"2027-03-02","emerged":40}]""", "", "", "looks")]
    [InlineData("[null]", "", "", "looks[0]")]
    [InlineData("[]", ",\"to\":\"2026-11-01\"", "", "steps[0].to")]
    [InlineData("[]", ",\"swollen\":70", "", "steps[0].swollen")]
    [InlineData("[]", "", ",\"lot\":{\"ageYears\":-1}", "lot.ageYears")]
    [InlineData("[]", "", ",\"temperatures\":[{\"date\":\"2027-03-01\",\"minC\":9,\"maxC\":5}]", "temperatures[0].minC")]
    public async Task What_it_cannot_use_is_named(string looks, string steps, string more, string field)
    {
        var (status, body) = await book.Post(Path, Told(looks, steps, more));
        Assert.Equal((400, field), (status, body["field"]!.GetValue<string>()));
    }
}
