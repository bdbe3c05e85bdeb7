namespace Gassel.Web.Tests;

/// <summary>The contract of <c>compare</c> and <c>trial-size</c>, asked from outside.</summary>
public sealed class CompareEndpointTests(RunningBook book) : IClassFixture<RunningBook>
{
    [Fact]
    public async Task Two_arms_answer_with_intervals_difference_and_p()
    {
        var (status, body) = await book.Post(
            "/api/calculators/compare",
            """{"arms":[{"name":"chilled","emerged":18,"sown":24},{"name":"not","emerged":9,"sown":24}]}"""
        );
        Assert.Equal(200, status);
        Assert.Equal(0.75, body["arms"]![0]!["fraction"]!.GetValue<double>());
        var pair = body["pairs"]!.AsArray().Single()!;
        Assert.Equal("chilled", pair["first"]!.GetValue<string>());
        Assert.Equal(0.01893028, pair["fisherP"]!.GetValue<double>(), 8);
        Assert.Equal(pair["fisherP"]!.GetValue<double>(), pair["holmP"]!.GetValue<double>());
        Assert.Equal(1, body["heterogeneity"]!["degreesOfFreedom"]!.GetValue<int>());
        Assert.NotEmpty(body["working"]!.AsArray());
    }

    /// <summary>Two-sided p of 4 of 8 against 6 of 8 is 0.608 (Fisher's exact test; by hand from the hypergeometric terms).</summary>
    [Fact]
    public async Task Two_small_counts_are_told_in_words_first()
    {
        var (_, small) = await book.Post(
            "/api/calculators/compare",
            """{"arms":[{"name":"first","emerged":4,"sown":8},{"name":"second","emerged":6,"sown":8}]}"""
        );
        Assert.Equal(
            "May be chance: without any real difference, two such counts differ this much about 61 times in 100.",
            small["words"]!.GetValue<string>()
        );
        var (_, clear) = await book.Post(
            "/api/calculators/compare",
            """{"arms":[{"name":"first","emerged":2,"sown":30},{"name":"second","emerged":24,"sown":30}]}"""
        );
        Assert.Equal("Hardly chance: second came up better.", clear["words"]!.GetValue<string>());
    }

    [Fact]
    public async Task One_arm_is_an_answer_without_pairs()
    {
        var (status, body) = await book.Post(
            "/api/calculators/compare",
            """{"arms":[{"name":"all","emerged":9,"sown":24}],"confidence":0.9}"""
        );
        Assert.Equal(200, status);
        Assert.Null(body["heterogeneity"]);
        Assert.Empty(body["pairs"]!.AsArray());
    }

    [Fact]
    public async Task A_trial_size_answers_with_its_exact_power()
    {
        var (status, body) = await book.Post("/api/calculators/trial-size", """{"control":0.5,"treated":0.75,"seedsAtHand":8}""");
        Assert.Equal(200, status);
        Assert.Equal(58, body["seedsPerArm"]!.GetValue<int>());
        Assert.Equal(0.743355, body["exactPower"]!.GetValue<double>(), 6);
        Assert.Equal(8, body["atBest"]!["seedsPerArm"]!.GetValue<int>());
    }

    [Theory]
    [InlineData("compare", """{"arms":[]}""", "arms", "1 to 50")]
    [InlineData("compare", """{"arms":[null]}""", "arms[0]", "a value is needed")]
    [InlineData("compare", """{"arms":[{"name":"a","emerged":9,"sown":8}]}""", "arms[0].emerged", "0 to 8")]
    [InlineData("compare", """{"arms":[{"name":"a","emerged":0,"sown":0}]}""", "arms[0].sown", "1 to 1000000")]
    [InlineData(
        "compare",
        """{"arms":[{"name":"a","emerged":1,"sown":2},{"name":"a","emerged":1,"sown":2}]}""",
        "arms[1].name",
        "another arm"
    )]
    [InlineData("compare", """{"arms":[{"name":"a","emerged":"1","sown":2}]}""", "arms[0].emerged", "whole number")]
    [InlineData("compare", """{"arms":[{"name":"a","emerged":1,"sown":2}],"confidence":1}""", "confidence", "below 1")]
    [InlineData("trial-size", """{"control":0.5,"treated":0.5}""", "treated", "another rate")]
    [InlineData("trial-size", """{"control":-0.1,"treated":0.5}""", "control", "0 to 1")]
    [InlineData("trial-size", """{"control":0.4,"treated":0.5,"power":0.04}""", "power", "above 0.05")]
    [InlineData("trial-size", """{"control":0.4}""", "treated", "missing")]
    public async Task Bad_input_names_its_field(string calculator, string json, string field, string valid)
    {
        var (status, body) = await book.Post($"/api/calculators/{calculator}", json);
        Assert.Equal(400, status);
        Assert.Equal(field, body["field"]!.GetValue<string>());
        Assert.Contains(valid, body["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }
}
