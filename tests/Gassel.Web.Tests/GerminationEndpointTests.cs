using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>Check values of the calculator contract, from GNU R 4.2.2; half a unit of the last printed digit.</summary>
public sealed class GerminationEndpointTests(RunningBook book) : IClassFixture<RunningBook>
{
    private const string Path = "/api/calculators/germination";

    internal const string Daily = """
        {"sown":50,"counts":[{"day":1,"emerged":0},{"day":2,"emerged":0},{"day":3,"emerged":0},{"day":4,"emerged":0},{"day":5,
        "emerged":4},{"day":6,"emerged":17},
        {"day":7,"emerged":10},{"day":8,"emerged":7},{"day":9,"emerged":1},{"day":10,"emerged":0},{"day":11,"emerged":1},{"day":12,
        "emerged":0},{"day":13,"emerged":0},{"day":14,"emerged":0}]}
        """;

    [Fact]
    public async Task The_daily_example_answers_as_in_R()
    {
        var (status, body) = await book.Post(Path, Daily);
        Assert.Equal(200, status);
        Near(
            body,
            ("emerged", 40, 0),
            ("fraction", 0.8, 6),
            ("t50Coolbear", 5.970588, 6),
            ("t50Farooq", 5.941176, 6),
            ("t10", 5, 6),
            ("t25", 5.352941, 6),
            ("t75", 6.9, 6),
            ("t90", 7.714286, 6),
            ("meanTime", 6.7, 6),
            ("timeVariance", 1.446154, 6),
            ("speed", 6.138925, 6),
            ("synchrony", 0.2666667, 7),
            ("uncertaintyBits", 2.062987, 6),
            ("peakValue", 9.5, 6),
            ("germinationValue", 54.28571, 5),
            ("firstDay", 5, 6),
            ("lastDay", 11, 6)
        );
        Near(body["wilson"]!, ("low", 0.66963, 5), ("high", 0.88756, 5));
        Near(body["exact"]!, ("low", 0.66282, 5), ("high", 0.89970, 5));
        Near(body["curve"]!, ("maxFraction", 0.80015, 5), ("t50", 6.0513, 4), ("shape", 10.237, 3), ("logLikelihood", -85.5604, 4));
        Assert.NotEmpty(body["curve"]!["band"]!.AsArray());
        Assert.NotEmpty(body["working"]!.AsArray());
        Assert.Null(body["advice"]);
    }

    [Fact]
    public async Task The_irregular_example_answers_as_in_R()
    {
        var (_, body) = await book.Post(
            Path,
            """
            {"sown":60,"counts":[{"day":7,"emerged":2},{"day":10,"emerged":9},{"day":14,"emerged":14},{"day":17,"emerged":6},{"day":21,
            "emerged":5},{"day":28,"emerged":1},{"day":35,"emerged":0}]}
            """
        );
        Near(
            body,
            ("t50Coolbear", 12.28571, 5),
            ("t50Farooq", 12.14286, 5),
            ("t10", 7.566667, 6),
            ("t90", 18.84, 6),
            ("meanTime", 14.459459, 6)
        );
        Near(body["wilson"]!, ("low", 0.49018, 5), ("high", 0.72912, 5));
        Near(body["curve"]!, ("maxFraction", 0.61912, 5), ("t50", 12.0279, 4), ("shape", 5.1727, 4), ("logLikelihood", -97.5038, 4));
    }

    [Fact]
    public async Task Nothing_counted_yet_is_an_answer_with_nulls()
    {
        var (status, body) = await book.Post(Path, """{"sown":50,"counts":[],"confidence":null}""");
        Assert.Equal(200, status);
        Assert.Equal(0, body["emerged"]!.GetValue<int>());
        Assert.Null(body["t50Farooq"]);
        Assert.Null(body["curve"]);
        Assert.Null(body["peakValue"]);
        Assert.Equal(0, body["speed"]!.GetValue<double>());
        Assert.Equal(0, body["wilson"]!["low"]!.GetValue<double>());
    }

    [Fact]
    public async Task A_context_asks_for_advice()
    {
        var (status, body) = await book.Post(
            Path,
            """
            {"sown":60,"counts":[{"day":9,"emerged":0}],"context":{"windowDays":{"shortest":10,"longest":40},"class":"physiological",
            "flags":["germinatesInCold"],
             "rotSeen":false,"cutTest":null,"springsPassed":0,"pastBatches":[{"maxFraction":0.6,"t50":18,"shape":5}]}}
            """
        );
        Assert.Equal(200, status);
        Assert.Equal("wait", body["advice"]!["kind"]!.GetValue<string>());
        Assert.InRange(body["advice"]!["remaining"]!["probabilityOfAny"]!.GetValue<double>(), 0.9, 1);
    }

    [Theory]
    [InlineData("""{"sown":0,"counts":[]}""", "sown", "1 to 1000000")]
    [InlineData("""{"sown":1000001,"counts":[]}""", "sown", "1 to 1000000")]
    [InlineData("""{"sown":"50","counts":[]}""", "sown", "whole number")]
    [InlineData("""{"sown":50.5,"counts":[]}""", "sown", "whole number")]
    [InlineData("""{"counts":[]}""", "sown", "missing")]
    [InlineData("""{"sown":null,"counts":[]}""", "sown", "whole number")]
    [InlineData("""{"sown":50}""", "counts", "missing")]
    [InlineData("""{"sown":50,"counts":null}""", "counts", "null")]
    [InlineData("""{"sown":50,"counts":{}}""", "counts", "list")]
    [InlineData("""{"sown":50,"counts":[null]}""", "counts[0]", "a value is needed")]
    [InlineData("""{"sown":50,"counts":[{"day":1}]}""", "counts[0].emerged", "missing")]
    [InlineData("""{"sown":50,"counts":[{"day":"1","emerged":1}]}""", "counts[0].day", "number")]
    [InlineData("""{"sown":50,"counts":[{"day":-1,"emerged":0}]}""", "counts[0].day", "from 0")]
    [InlineData("""{"sown":50,"counts":[{"day":0,"emerged":1}]}""", "counts[0].day", "from 0.01")]
    [InlineData("""{"sown":50,"counts":[{"day":1,"emerged":-1}]}""", "counts[0].emerged", "from 0")]
    [InlineData("""{"sown":50,"counts":[{"day":2,"emerged":1},{"day":2,"emerged":1}]}""", "counts[1].day", "above 2")]
    [InlineData("""{"sown":5,"counts":[{"day":2,"emerged":3},{"day":3,"emerged":3}]}""", "counts[1].emerged", "5 seeds were sown")]
    [InlineData("""{"sown":50,"counts":[],"confidence":1}""", "confidence", "below 1")]
    [InlineData("""{"sown":50,"counts":[],"confidence":"x"}""", "confidence", "number")]
    [InlineData(
        """{"sown":50,"counts":[],"context":{"windowDays":{"shortest":9,"longest":4},"class":"none"}}""",
        "context.windowDays.longest",
        "from 9"
    )]
    [InlineData(
        """{"sown":50,"counts":[],"context":{"windowDays":{"shortest":9,"longest":40},"class":"sleepy"}}""",
        "context.class",
        "physiological"
    )]
    [InlineData(
        """{"sown":50,"counts":[],"context":{"windowDays":{"shortest":9,"longest":40},"class":"none","pastBatches":[]}}""",
        "context.pastBatches",
        "1 to 1000"
    )]
    public async Task Bad_input_names_the_field_and_what_would_be_valid(string json, string field, string words)
    {
        var (status, problem) = await book.Post(Path, json);
        Assert.Equal(400, status);
        Assert.Equal(field, problem["field"]!.GetValue<string>());
        Assert.Contains(words, problem["detail"]!.GetValue<string>());
        Assert.False(string.IsNullOrEmpty(problem["title"]!.GetValue<string>()));
    }

    [Theory]
    [InlineData("", 400)]
    [InlineData("{", 400)]
    [InlineData("[]", 400)]
    [InlineData("null", 400)]
    [InlineData("7", 400)]
    public async Task A_body_that_is_no_object_is_a_problem_too(string json, int expected)
    {
        var (status, problem) = await book.Post(Path, json);
        Assert.Equal(expected, status);
        Assert.NotNull(problem["detail"]);
    }

    [Fact]
    public async Task The_wrong_content_type_is_415_and_an_unknown_field_is_ignored()
    {
        var (status, problem) = await book.Send(HttpMethod.Post, Path, new StringContent("{}", System.Text.Encoding.UTF8, "text/plain"));
        Assert.Equal(415, status);
        Assert.NotNull(problem["detail"]);
        Assert.Equal(200, (await book.Post(Path, """{"sown":5,"counts":[],"colour":"green"}""")).Status);
    }

    private static void Near(JsonNode node, params (string Name, double Value, int Digits)[] expected)
    {
        foreach (var (name, value, digits) in expected)
            Assert.Equal(value, node[name]!.GetValue<double>(), digits);
    }
}
