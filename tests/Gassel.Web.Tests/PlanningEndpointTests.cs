using System.Globalization;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>Seeds needed, viability and frost over HTTP; values from GNU R 4.2.2 or by hand.</summary>
public sealed class PlanningEndpointTests(RunningBook book) : IClassFixture<RunningBook>
{
    private static double Number(JsonNode body, string name) => body[name]!.GetValue<double>();

    [Theory]
    [InlineData("""{"plants":48,"germination":0.6,"survival":0.85,"confidence":0.9}""", 107)]
    [InlineData("""{"plants":20,"germination":0.75,"survival":1,"confidence":0.95}""", 32)]
    [InlineData("""{"plants":48,"test":{"germinated":30,"tested":50},"survival":0.85,"confidence":0.9}""", 116)]
    [InlineData("""{"plants":48,"germination":0.6,"seedsPerCell":2,"survival":0.85}""", 148)]
    [InlineData("""{"plants":48,"germination":0.6,"seedsPerCell":3,"survival":0.85,"confidence":null}""", 198)]
    public async Task Seeds_as_in_R(string json, int seeds)
    {
        var (status, body) = await book.Post("/api/calculators/seeds-needed", json);
        Assert.Equal(200, status);
        Assert.Equal(seeds, body["seeds"]!.GetValue<int>());
        Assert.NotEmpty(body["working"]!.AsArray());
        if (json.Contains("seedsPerCell", StringComparison.Ordinal))
            Assert.Equal(seeds / (json.Contains("\"seedsPerCell\":2", StringComparison.Ordinal) ? 2 : 3), body["cells"]!.GetValue<int>());
    }

    [Theory]
    [InlineData("""{"plants":48}""", "germination")]
    [InlineData("""{"plants":48,"germination":0.5,"test":{"germinated":3,"tested":5}}""", "germination")]
    [InlineData("""{"plants":0,"germination":0.5}""", "plants")]
    [InlineData("""{"plants":5,"germination":0}""", "germination")]
    [InlineData("""{"plants":5,"germination":0.5,"survival":1.5}""", "survival")]
    [InlineData("""{"plants":5,"test":{"germinated":7,"tested":5}}""", "test.germinated")]
    [InlineData("""{"plants":5,"test":{"germinated":7}}""", "test.tested")]
    [InlineData("""{"plants":5,"germination":0.5,"seedsPerCell":0}""", "seedsPerCell")]
    [InlineData("""{"plants":5,"germination":0.5,"wholeContainerLoss":0.1}""", "containers")]
    [InlineData("""{"plants":5,"germination":0.5,"wholeContainerLoss":1,"containers":3}""", "wholeContainerLoss")]
    public async Task Seeds_refuse_what_cannot_be(string json, string field)
    {
        var (status, problem) = await book.Post("/api/calculators/seeds-needed", json);
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }

    [Theory]
    [InlineData("""{"school":"points","initial":0.96,"ageYears":2,"longevity":"short"}""", 0.46)]
    [InlineData("""{"initial":0.8,"ageYears":3,"longevity":"medium"}""", 0.4)]
    [InlineData("""{"school":"share","ageYears":0}""", 0.7)]
    public async Task Viability_by_hand(string json, double fraction)
    {
        var (status, body) = await book.Post("/api/calculators/viability", json);
        Assert.Equal(200, status);
        Assert.Equal(fraction, Number(body, "fraction"), 9);
    }

    [Theory]
    [InlineData("""{"initial":0.8}""", "ageYears")]
    [InlineData("""{"initial":1.8,"ageYears":3}""", "initial")]
    [InlineData("""{"ageYears":-1}""", "ageYears")]
    [InlineData("""{"ageYears":1,"longevity":"eternal"}""", "longevity")]
    public async Task Viability_refuses_what_cannot_be(string json, string field)
    {
        var (status, problem) = await book.Post("/api/calculators/viability", json);
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }

    /// <summary>Two made-up years with frost to 30 April and from 1 October.</summary>
    [Fact]
    public async Task Frost_from_daily_minima()
    {
        var days = Enumerable
            .Range(0, 730)
            .Select(i => new DateOnly(2021, 1, 1).AddDays(i))
            .Select(d =>
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"{{\"date\":\"{d:yyyy-MM-dd}\",\"minC\":{(d.Month is > 4 and < 10 ? 8 : -3)}}}"
                )
            );
        var (status, body) = await book.Post("/api/calculators/frost", $$"""{"latitude":46.8,"daily":[{{string.Join(',', days)}}]}""");
        Assert.Equal(200, status);
        Assert.Equal("04-30", body["lastSpring"]!["p50"]!.GetValue<string>());
        Assert.Equal("10-01", body["firstAutumn"]!["p90"]!.GetValue<string>());
        Assert.Equal("2022-04-30", body["years"]![1]!["lastSpring"]!.GetValue<string>());
        Assert.Equal(119, Number(body["lastSpring"]!, "p10Offset"));
        Assert.Equal(2, body["springYearsUsed"]!.GetValue<int>());
    }

    [Theory]
    [InlineData("""{"latitude":46,"daily":[]}""", "daily")]
    [InlineData("""{"latitude":46,"daily":[{"date":"2021-01-01","minC":1},{"date":"2021-01-01","minC":1}]}""", "daily[1].date")]
    [InlineData("""{"latitude":46,"daily":[{"date":"2021-02-29","minC":1}]}""", "daily[0].date")]
    [InlineData("""{"latitude":46,"daily":[{"date":"2021-02-28","minC":"cold"}]}""", "daily[0].minC")]
    [InlineData("""{"latitude":96,"daily":[{"date":"2021-02-28","minC":1}]}""", "latitude")]
    [InlineData("""{"daily":[{"date":"2021-02-28","minC":1}]}""", "latitude")]
    public async Task Frost_refuses_what_cannot_be(string json, string field)
    {
        var (status, problem) = await book.Post("/api/calculators/frost", json);
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }
}
