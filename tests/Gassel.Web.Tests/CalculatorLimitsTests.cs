using System.Diagnostics;
using System.Text;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>What the contract says of any input within its limits: read as written, or refused with the field.</summary>
public sealed class CalculatorLimitsTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private static string Readings(string first, string second) =>
        $$"""{"readings":[{"at":"{{first}}","tempC":3},{"at":"{{second}}","tempC":3}]}""";

    [Fact]
    public async Task An_instant_without_its_offset_is_refused_and_lower_case_is_read()
    {
        var (status, problem) = await _book.Post("/api/calculators/chilling", Readings("2027-03-14T09:00:00Z", "2027-03-14T12:00:00"));
        Assert.Equal((400, "readings[1].at"), (status, problem["field"]!.GetValue<string>()));
        var (lower, answer) = await _book.Post("/api/calculators/chilling", Readings("2027-03-14t09:00:00z", "2027-03-14t12:00:00z"));
        Assert.Equal(200, lower);
        Assert.Equal(3, answer["chillHours"]!.GetValue<double>(), 6);
        Assert.Equal(
            200,
            (await _book.Post("/api/calculators/chilling", Readings("2027-03-14T09:00:00+01:00", "2027-03-14T12:00:00.5+01:00"))).Status
        );
    }

    [Theory]
    [InlineData("50.0", 200)]
    [InlineData("50", 200)]
    [InlineData("50.5", 400)]
    [InlineData("\"50\"", 400)]
    public async Task Fifty_point_nought_is_a_whole_number(string sown, int status) =>
        Assert.Equal(
            status,
            (await _book.Post("/api/calculators/germination", $$"""{"sown":{{sown}},"counts":[{"day":5.0,"emerged":4}]}""")).Status
        );

    [Fact]
    public async Task A_confidence_whose_quantile_is_infinite_is_refused()
    {
        var (status, problem) = await _book.Post(
            "/api/calculators/germination",
            """{"sown":50,"counts":[{"day":5,"emerged":4}],"confidence":0.99999999999999994}"""
        );
        Assert.Equal((400, "confidence"), (status, problem["field"]!.GetValue<string>()));
        var (_, told) = await _book.Post(
            "/api/calculators/germination",
            """{"sown":1000,"counts":[{"day":5,"emerged":4}],"confidence":0.999}"""
        );
        var working = string.Join('\n', told["working"]!.AsArray().Select(w => w!.GetValue<string>()));
        Assert.Contains("99.9 % interval", working, StringComparison.Ordinal);
        Assert.Contains("= 0.4 %", working, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_question_asked_while_typing_is_answered_with_its_problem_and_is_no_error()
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/calculators/viability")
        {
            Content = new StringContent("""{"school":"share","initial":8}""", Encoding.UTF8, "application/json"),
        };
        request.Headers.Add("Prefer", "handling=lenient");
        using var answer = await _book.Http.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal((200, "application/problem+json"), ((int)answer.StatusCode, answer.Content.Headers.ContentType!.MediaType));
        Assert.Equal(
            400,
            JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!["status"]!.GetValue<int>()
        );
        Assert.Equal(400, (await _book.Post("/api/calculators/viability", """{"school":"share","initial":8}""")).Status);
    }

    [Fact]
    public async Task Knots_nearer_than_a_thermometer_tells_are_refused()
    {
        var (status, problem) = await _book.Post(
            "/api/calculators/chilling",
            """{"daily":[{"date":"2027-01-01","minC":0,"maxC":5}],"response":[0,1e-320,5,10]}"""
        );
        Assert.Equal((400, "response[1]"), (status, problem["field"]!.GetValue<string>()));
        Assert.Equal(
            200,
            (
                await _book.Post(
                    "/api/calculators/chilling",
                    """{"daily":[{"date":"2027-01-01","minC":0,"maxC":5}],"response":[0,0,5,10]}"""
                )
            ).Status
        );
    }

    [Fact]
    public async Task Few_winters_are_counted_and_not_turned_into_tenths()
    {
        var daily = new StringBuilder();
        for (var day = new DateOnly(2023, 9, 1); day <= new DateOnly(2026, 8, 1); day = day.AddDays(1))
        {
            var mean = 8 - (12 * Math.Cos((day.DayOfYear - 15) * 2 * Math.PI / 365));
            daily
                .Append(daily.Length > 0 ? "," : "")
                .Append(FormattableString.Invariant($$"""{"date":"{{day:yyyy-MM-dd}}","minC":{{mean - 5}},"maxC":{{mean + 5}} }"""));
        }
        var (status, answer) = await _book.Post(
            "/api/calculators/set-out",
            $$"""
            {"daily":[{{daily}}],"latitude":46.8,"preset":"jug4","route":{"coldDays":42,"baseC":4,"optimumC":20,"ceilingC":30,"killC":-4,
            "packet":{"shortestDays":10,"longestDays":30,"atC":15} },
             "candidates":{"from":"2026-11-01","to":"2027-02-01","everyDays":14},"acceptFreeze":0.0}
            """
        );
        Assert.True(status == 200, answer.ToJsonString());
        Assert.Equal(3, answer["winters"]!.GetValue<int>());
        Assert.All(answer["dates"]!.AsArray(), d => Assert.Null(d!["emergence"]));
        Assert.True(answer.AsObject().ContainsKey("safeWindow"));
        var words = answer["windowWords"]!.GetValue<string>() + answer["tradeOff"]!.GetValue<string>();
        Assert.Contains("of 3 winters", words, StringComparison.Ordinal);
        Assert.DoesNotContain("in 10", words, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("chilling", "readings", 250_001, "250000")]
    [InlineData("container", "daily", 8_400, "at most 200000, 8333 days")]
    [InlineData("container", "daily", 1_500, "with calibrate is at most 35000, 1458 days")]
    public async Task More_than_can_be_answered_in_time_is_refused_with_the_limit(string path, string field, int many, string valid)
    {
        var hours = new DateTimeOffset(2000, 1, 1, 0, 0, 0, TimeSpan.Zero);
        var readings = string.Join(
            ',',
            Enumerable
                .Range(0, path == "chilling" ? many : 60)
                .Select(i => $$"""{"at":"{{hours.AddHours(i):yyyy-MM-ddTHH:mm:ssZ}}","tempC":3}""")
        );
        var daily = string.Join(
            ',',
            Enumerable
                .Range(0, path == "chilling" ? 0 : many)
                .Select(i => $$"""{"date":"{{new DateOnly(2000, 1, 1).AddDays(i):yyyy-MM-dd}}","minC":1,"maxC":9}""")
        );
        var fitted = many < 5000 ? $$""","calibrate":{"readings":[{{readings}}]}""" : "";
        var (status, problem) = await _book.Post(
            "/api/calculators/" + path,
            path == "chilling"
                ? $$"""{"readings":[{{readings}}]}"""
                : $$"""{"preset":"jug4","site":{"latitude":46.8},"daily":[{{daily}}]{{fitted}} }"""
        );
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
        Assert.Contains(
            valid,
            problem["detail"]!.GetValue<string>().Replace(",0", "0", StringComparison.Ordinal),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task What_is_open_already_is_not_to_be_opened()
    {
        async Task<string> Words(string cap)
        {
            var daily = string.Join(
                ',',
                Enumerable.Range(0, 3).Select(i => $$"""{"date":"2027-07-0{{i + 1}}","minC":8,"maxC":{{(cap == "open" ? 20 : 15)}} }""")
            );
            var (_, answer) = await _book.Post(
                "/api/calculators/container",
                $$"""{"preset":"jug4","site":{"latitude":46.8},"care":{"cap":"{{cap}}"},"daily":[{{daily}}]}"""
            );
            return string.Join(
                ' ',
                answer["warnings"]!
                    .AsArray()
                    .Where(w => w!["danger"]!.GetValue<string>() == "openNow")
                    .Select(w => w!["words"]!.GetValue<string>())
            );
        }
        Assert.Contains("open already, so shade it", await Words("open"), StringComparison.Ordinal);
        Assert.Contains("inside: open it", await Words("off"), StringComparison.Ordinal);
    }

    /// <summary>
    /// The limits of an input are set so that it is answered at all: 10⁴ counts of 10⁶ seeds once kept a processor busy for minutes.
    /// </summary>
    [Fact]
    public async Task The_largest_inputs_are_answered_or_refused_and_not_left_running()
    {
        var counts = string.Join(
            ',',
            Enumerable.Range(1, 10_000).Select(i => $$"""{"day":{{i}},"emerged":{{(i is > 2000 and < 8000 ? 100 : 3)}} }""")
        );
        var arms = string.Join(
            ',',
            Enumerable.Range(0, 50).Select(i => $$"""{"name":"a{{i}}","emerged":{{400_000 + (i * 37)}},"sown":1000000}""")
        );
        (string Path, string Body)[] largest =
        [
            ("germination", $$"""{"sown":1000000,"counts":[{{counts}}]}"""),
            ("compare", $$"""{"arms":[{{arms}}]}"""),
            ("trial-size", """{"control":0.5,"treated":0.5545}"""),
            ("trial-size", """{"control":0.5,"treated":0.500001}"""),
            ("seeds-needed", """{"plants":1000000,"test":{"germinated":1,"tested":10},"wholeContainerLoss":0.3,"containers":60}"""),
        ];
        foreach (var (path, body) in largest)
        {
            var took = Stopwatch.StartNew();
            var (status, answer) = await _book.Post("/api/calculators/" + path, body);
            Assert.True(status == 200, answer.ToJsonString());
            Console.WriteLine($"{path} {took.ElapsedMilliseconds} ms");
        }
    }
}
