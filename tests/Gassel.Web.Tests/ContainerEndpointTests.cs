using System.Globalization;

namespace Gassel.Web.Tests;

/// <summary>Contract of the calculators of the yard: emergence, container, set-out.</summary>
public sealed class ContainerEndpointTests(RunningBook book) : IClassFixture<RunningBook>
{
    private static string Days(int count, string first, double minC, double maxC) =>
        string.Join(
            ',',
            Enumerable
                .Range(0, count)
                .Select(i =>
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $$"""
                        {"date":"{{DateOnly.Parse(first, CultureInfo.InvariantCulture).AddDays(i):yyyy-MM-dd}}","minC":{{minC}},
                        "maxC":{{maxC}} }
                        """
                    )
                )
        );

    private static string Hours(int count, string rest) =>
        string.Join(
            ',',
            Enumerable
                .Range(0, count)
                .Select(i =>
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $$"""
                        {"at":"{{new DateTimeOffset(2027, 3, 1, 0, 0, 0, TimeSpan.Zero).AddHours(i):yyyy-MM-dd'T'HH:mm:sszzz}}",
                        {{rest}} }
                        """
                    )
                )
        );

    [Fact]
    public async Task Packet_days_at_their_own_temperature_come_back_as_dates()
    {
        var (status, answer) = await book.Post(
            "/api/calculators/emergence",
            $$"""
            {"daily":[{{Days(30, "2027-03-01", 15, 15)}}],"from":"2027-03-01","baseC":5,"packet":{"shortestDays":5,"longestDays":20,
            "atC":15} }
            """
        );
        Assert.True(status == 200, answer.ToJsonString());
        Assert.Equal(
            ("2027-03-05", "2027-03-10", "2027-03-20"),
            (answer["t10"]!.GetValue<string>(), answer["t50"]!.GetValue<string>(), answer["t90"]!.GetValue<string>())
        );
        Assert.Equal(300, answer["sumDegreeDays"]!.GetValue<double>(), 9);
        Assert.NotEmpty(answer["working"]!.AsArray());
    }

    [Fact]
    public async Task Above_the_ceiling_nothing_comes_up_and_the_days_are_told()
    {
        var (_, answer) = await book.Post(
            "/api/calculators/emergence",
            $$"""
            {"daily":[{{Days(5, "2027-03-01", 25, 25)}}],"from":"2027-03-01","baseC":0,"optimumC":12,"ceilingC":20,
            "thermalTime":{"t10":10,"t50":20,"t90":30} }
            """
        );
        Assert.Null(answer["t10"]);
        Assert.Equal(5, answer["thermoinhibitedDays"]!.GetValue<double>(), 9);
    }

    [Theory]
    [InlineData(""" "from":"2027-03-01","baseC":5,"packet":{"shortestDays":5,"longestDays":20,"atC":15} """, "daily")]
    [InlineData(
        """
            "daily":[],
            "from":"2027-03-01","baseC":5,"packet":{"shortestDays":5,"longestDays":20,"atC":15}
            """,
        "daily"
    )]
    [InlineData(
        """
            "daily":[{"date":"2027-03-01","minC":5,"maxC":4}],
            "from":"2027-03-01","baseC":5,"packet":{"shortestDays":5,"longestDays":20,"atC":15}
            """,
        "daily[0].minC"
    )]
    [InlineData(
        """
            "daily":[{"date":"2027-03-01","minC":5,"maxC":9}],
            "from":"2027-03-01","baseC":5,"packet":{"shortestDays":5,"longestDays":20,"atC":5}
            """,
        "packet.atC"
    )]
    [InlineData(
        """
            "daily":[{"date":"2027-03-01","minC":5,"maxC":9}],
            "from":"2027-03-01","baseC":5,"optimumC":4,"packet":{"shortestDays":5,"longestDays":20,"atC":9}
            """,
        "optimumC"
    )]
    [InlineData(
        """
            "daily":[{"date":"2027-03-01","minC":5,"maxC":9}],
            "from":"2027-03-01","baseC":5
            """,
        "thermalTime"
    )]
    [InlineData(
        """
            "daily":[{"date":"2027-03-01","minC":5,"maxC":9}],
            "from":"2027-03-01","baseC":5,"thermalTime":{"t10":20,"t50":10,"t90":30}
            """,
        "thermalTime.t50"
    )]
    public async Task Bad_input_to_emergence_names_its_field(string body, string field)
    {
        var (status, problem) = await book.Post("/api/calculators/emergence", $"{{{body}}}");
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task A_container_in_the_dark_decays_and_accounts_for_its_heat()
    {
        var (status, answer) = await book.Post(
            "/api/calculators/container",
            $$"""
            {"preset":"jug4","care":{"cap":"off"},"site":{"latitude":46.8,"exposure":"open"},
            "hourly":[{{Hours(48, "\"tempC\":5,\"solarWm2\":0")}}],"initialMediumC":20,"initialAirC":12}
            """
        );
        Assert.True(status == 200, answer.ToJsonString());
        var medium = answer["hourly"]!.AsArray().Select(h => h!["mediumC"]!.GetValue<double>()).ToList();
        Assert.True(medium[0] < 20 && medium.Zip(medium.Skip(1)).All(p => p.Second < p.First) && medium[^1] > 5);
        var heat = answer["heat"]!;
        Assert.Equal(0, heat["sunJ"]!.GetValue<double>());
        Assert.Equal(
            -heat["storedJ"]!.GetValue<double>(),
            heat["lostJ"]!.GetValue<double>(),
            Math.Abs(heat["storedJ"]!.GetValue<double>()) * 1e-3
        );
        Assert.Contains(answer["working"]!.AsArray(), w => w!.GetValue<string>().Contains("Uncalibrated model", StringComparison.Ordinal));
    }

    [Fact]
    public async Task A_hot_capped_bottle_warns_by_the_hotter_of_air_and_mix()
    {
        var (_, answer) = await book.Post(
            "/api/calculators/container",
            $$"""{"preset":"bottle2","care":{"cap":"on"},"site":{"latitude":46.8},"daily":[{{Days(5, "2027-05-01", 8, 26)}}]}"""
        );
        Assert.Contains(answer["warnings"]!.AsArray(), w => w!["danger"]!.GetValue<string>() is "damage" or "lethal");
        Assert.Equal(5, answer["daily"]!.AsArray().Count);
        Assert.Equal(0, answer["daily"]![4]!["frozenHours"]!.GetValue<double>());
    }

    [Fact]
    public async Task Calibration_comes_with_its_residuals()
    {
        var readings = string.Join(
            ',',
            Enumerable
                .Range(0, 90)
                .Select(i =>
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $$"""
                        {"at":"{{new DateTimeOffset(2027, 3, 1, 0, 0, 0, TimeSpan.Zero).AddHours(i):yyyy-MM-dd'T'HH:mm:sszzz}}",
                        "tempC":{{6 + (4 * Math.Sin(i * Math.PI / 12)):0.00}} }
                        """
                    )
                )
        );
        var (status, answer) = await book.Post(
            "/api/calculators/container",
            $$"""
            {"preset":"jug4","site":{"latitude":46.8},"daily":[{{Days(5, "2027-03-01", 2, 11)}}],
            "calibrate":{"readings":[{{readings}}]} }
            """
        );
        Assert.True(status == 200, answer.ToJsonString());
        var fit = answer["calibration"]!;
        Assert.True(fit["rmsK"]!.GetValue<double>() <= fit["rmsBeforeK"]!.GetValue<double>());
        Assert.True(fit["residuals"]!.AsArray().Count > 48);
        Assert.Equal(fit["uWallWm2K"]!.GetValue<double>(), answer["parameters"]!["uWallWm2K"]!.GetValue<double>());
    }

    [Theory]
    [InlineData(""" "site":{"latitude":46.8},"daily":[{"date":"2027-03-01","minC":1,"maxC":2}] """, "preset")]
    [InlineData(""" "preset":"jug4","site":{"latitude":95},"daily":[{"date":"2027-03-01","minC":1,"maxC":2}] """, "site.latitude")]
    [InlineData(""" "preset":"jug4","site":{"latitude":46.8} """, "daily")]
    [InlineData(""" "preset":"jug4","site":{"latitude":46.8},"daily":[{"date":"2027-03-01","minC":3,"maxC":2}] """, "daily[0].minC")]
    [InlineData(
        """
            "preset":"jug4","site":{"latitude":46.8},
            "daily":[{"date":"2027-03-01","minC":1,"maxC":2},{"date":"2027-03-05","minC":1,"maxC":2}]
            """,
        "daily"
    )]
    [InlineData(
        """
            "preset":"jug4","site":{"latitude":46.8},
            "hourly":[{"at":"2027-03-01T00:00:00Z","tempC":1},{"at":"2027-03-01T02:00:00Z","tempC":1}]
            """,
        "hourly[1].at"
    )]
    [InlineData(""" "preset":"teapot","site":{"latitude":46.8},"daily":[{"date":"2027-03-01","minC":1,"maxC":2}] """, "preset")]
    [InlineData(
        """ "preset":"jug4","stonesKg":-1,"site":{"latitude":46.8},"daily":[{"date":"2027-03-01","minC":1,"maxC":2}] """,
        "stonesKg"
    )]
    public async Task Bad_input_to_the_container_names_its_field(string body, string field)
    {
        var (status, problem) = await book.Post("/api/calculators/container", $"{{{body}}}");
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }

    private static string SetOut(
        string daily,
        string latitude = "46.8",
        string candidates = """{"from":"2024-11-01","to":"2025-03-01","everyDays":14}"""
    ) =>
        $$"""
            {"daily":[{{daily}}],"latitude":{{latitude}},"preset":"jug4","care":{"cap":"off"},"candidates":{{candidates}},
            "route":{"coldDays":30,"response":[-1,0.5,6,12],"baseC":4,"optimumC":20,"ceilingC":30,"packet":{"shortestDays":7,
            "longestDays":21,"atC":15},"germinatesInCold":false,"killC":-4} }
            """;

    /// <summary>Two winters as a curve: coldest in January, warmest in July.</summary>
    private static string Years(int from, int to, Func<DateOnly, bool>? keep = null) =>
        string.Join(
            ',',
            Enumerable
                .Range(0, (to - from) * 365)
                .Select(i => new DateOnly(from, 1, 1).AddDays(i))
                .Where(d => keep?.Invoke(d) != false)
                .Select(d =>
                {
                    var mean = 8 - (11 * Math.Cos(2 * Math.PI * (d.DayOfYear - 15) / 365));
                    return string.Create(
                        CultureInfo.InvariantCulture,
                        $$"""{"date":"{{d:yyyy-MM-dd}}","minC":{{mean - 5:0.0}},"maxC":{{mean + 5:0.0}} }"""
                    );
                })
        );

    [Fact]
    public async Task Set_out_tells_shares_emergence_and_the_window()
    {
        var (status, answer) = await book.Post("/api/calculators/set-out", SetOut(Years(2022, 2026)));
        Assert.True(status == 200, answer.ToJsonString());
        Assert.Equal(3, answer["winters"]!.GetValue<int>());
        var first = answer["dates"]![0]!;
        Assert.Equal((1.0, 0.0), (first["chillMetShare"]!.GetValue<double>(), first["carriedToNextSpringShare"]!.GetValue<double>()));
        Assert.Equal("2024-11-01", answer["window"]!["earliest"]!.GetValue<string>());
        // three springs have no percentiles; seven of the same curve are one day
        Assert.Null(first["emergence"]);
        Assert.Equal(3, first["counts"]!["up"]!.GetValue<int>());
        var (_, more) = await book.Post("/api/calculators/set-out", SetOut(Years(2018, 2026)));
        Assert.Equal(
            more["dates"]![0]!["emergence"]!["p10"]!.GetValue<string>(),
            more["dates"]![0]!["emergence"]!["p90"]!.GetValue<string>()
        );
        Assert.Equal(9, answer["dates"]!.AsArray().Count);
    }

    [Fact]
    public async Task A_record_of_the_other_hemisphere_names_the_latitude()
    {
        var (status, problem) = await book.Post("/api/calculators/set-out", SetOut(Years(2022, 2026), "-46.8"));
        Assert.Equal((400, "latitude"), (status, problem["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task Winters_with_long_gaps_are_left_out_and_named()
    {
        var (_, answer) = await book.Post(
            "/api/calculators/set-out",
            SetOut(Years(2022, 2026, d => d < new DateOnly(2024, 1, 5) || d > new DateOnly(2024, 1, 8)))
        );
        Assert.Equal(2, answer["winters"]!.GetValue<int>());
        Assert.Equal(2023, answer["leftOut"]![0]!["year"]!.GetValue<int>());
    }

    [Theory]
    [InlineData("""{"from":"2025-03-01","to":"2024-11-01","everyDays":14}""", "candidates.to")]
    [InlineData("""{"from":"2024-11-01","to":"2025-03-01","everyDays":0}""", "candidates.everyDays")]
    public async Task Days_to_set_out_on_must_be_in_order(string candidates, string field)
    {
        var (status, problem) = await book.Post("/api/calculators/set-out", SetOut(Years(2022, 2026), candidates: candidates));
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }
}
