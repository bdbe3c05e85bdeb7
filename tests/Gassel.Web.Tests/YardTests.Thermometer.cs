using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>A thermometer that lay in a container: what is fitted to it, and what it says of what had been told.</summary>
public sealed partial class YardTests
{
    [Fact]
    public async Task A_thermometer_in_a_jug_calibrates_its_kind()
    {
        await Site();
        var batch = await Batch();
        await _book.Record(batch, "2026-11-20", "warn", Prepared(), Out());
        var detail = await _book.Get($"/api/yard/containers/{batch}/1");
        // a thermometer that reads two degrees more of each swing than the model does
        var csv = new StringBuilder("at,tempC\n");
        foreach (var hour in detail["hours"]!.AsArray().Take(70))
            csv.Append(CultureInfo.InvariantCulture, $"{hour!["at"]},{hour["mediumC"]!.GetValue<double>() * 1.15:0.00}\n");
        var path = $"/api/yard/containers/{batch}/1/calibration-file?spot=medium";
        var (status, fit) = await _book.Send(HttpMethod.Post, path, new StringContent(csv.ToString(), Encoding.UTF8, "text/csv"));
        Assert.True(status == 200, fit.ToJsonString());
        Assert.True(fit["fit"]!["rmsK"]!.GetValue<double>() < fit["fit"]!["rmsBeforeK"]!.GetValue<double>());
        Assert.False(fit["saved"]!.GetValue<bool>());
        await _book.Send(HttpMethod.Post, $"{path}&save=true&who=grower", new StringContent(csv.ToString(), Encoding.UTF8, "text/csv"));
        var kept = (await _book.Get("/api/site"))["settings"]!["calibrations"]![0]!;
        Assert.Equal(fit["fit"]!["transmittance"]!.GetValue<double>(), kept["transmittance"]!.GetValue<double>(), 9);
        Assert.Equal(
            kept["transmittance"]!.GetValue<double>(),
            (await _book.Get($"/api/yard/containers/{batch}/1"))["parameters"]!["transmittance"]!.GetValue<double>(),
            9
        );
        // the inside is told by the fit at once, and known better by it
        var after = await _book.Get($"/api/yard/containers/{batch}/1");
        static double Wide(JsonNode told) =>
            told["hours"]!
                .AsArray()
                .Average(h => h!["mediumBand"]!["highC"]!.GetValue<double>() - h["mediumBand"]!["lowC"]!.GetValue<double>());
        Assert.NotEqual(detail["hours"]!.ToJsonString(), after["hours"]!.ToJsonString());
        Assert.InRange(Wide(detail), 1, 30);
        Assert.True(Wide(after) < Wide(detail), $"{Wide(after)} K after, {Wide(detail)} before");
        Assert.True(kept["ends"]!["wallLow"]!.GetValue<double>() < kept["uWallWm2K"]!.GetValue<double>());
        Assert.True(kept["ends"]!["sunHigh"]!.GetValue<double>() > kept["transmittance"]!.GetValue<double>());
        var (refused, problem) = await _book.Send(
            HttpMethod.Post,
            path,
            new StringContent("at,tempC\nyesterday,warm\n", Encoding.UTF8, "text/csv")
        );
        Assert.Equal((400, "file"), (refused, problem["field"]!.GetValue<string>()));
        Assert.Contains("Line 2", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    /// <summary>The jug is warmer than the model has it, and the evening before looked for a warmer day than came.</summary>
    [Fact]
    public async Task What_was_told_of_a_jug_is_judged_by_the_thermometer_that_lay_in_it()
    {
        await Site();
        var batch = await Batch();
        await _book.Record(batch, "2026-11-20", "warn", Prepared(), Out());
        var (told, _) = await _book.Post("/api/forecast", """{"who":"grower","days":[{"date":"2027-03-15","lowC":9,"highC":21}]}""");
        Assert.Equal(200, told);
        var csv = new StringBuilder("at,tempC\n");
        async Task Measure(string from, string to)
        {
            foreach (var hour in (await _book.Get($"/api/yard/containers/{batch}/1"))["hours"]!.AsArray())
            {
                var at = hour!["at"]!.GetValue<string>();
                if (string.CompareOrdinal(at, from) > 0 && string.CompareOrdinal(at, to) < 0)
                    csv.Append(CultureInfo.InvariantCulture, $"{at},{hour["airC"]!.GetValue<double>() + 0.4:0.00}\n");
            }
        }
        await Measure("2027-03-12", "2027-03-14");
        _book.Clock.Advance(TimeSpan.FromDays(3));
        await Measure("2027-03-15", "2027-03-17");
        var path = $"/api/yard/containers/{batch}/1/calibration-file?spot=air";
        StringContent File() => new(csv.ToString(), Encoding.UTF8, "text/csv");
        var (nameless, problem) = await _book.Send(HttpMethod.Post, $"{path}&save=true", File());
        Assert.Equal((400, "who"), (nameless, problem["field"]!.GetValue<string>()));
        var (_, tried) = await _book.Send(HttpMethod.Post, path, File());
        Assert.Contains("of 1 day the evening before", tried["beside"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Empty((await _book.Get("/api/forecasts-judged")).AsArray());
        Assert.Empty((await _book.Get("/api/frosts-judged")).AsArray());
        var (saved, kept) = await _book.Send(HttpMethod.Post, $"{path}&save=true&who=grower", File());
        Assert.True(saved == 200, kept.ToJsonString());
        var judged = (await _book.Get("/api/forecasts-judged")).AsArray().Single()!;
        Assert.Equal("inside", judged["kind"]!.GetValue<string>());
        var forecasts = judged["forecasts"]!.AsArray();
        Assert.Contains($"{forecasts.Count(f => f!["held"]!.GetValue<bool>())} of {forecasts.Count}", judged["words"]!.GetValue<string>());
        double Off(string day) =>
            forecasts
                .Where(f => f!["on"]!.GetValue<string>() == day)
                .Max(f => f!["guess"]!.GetValue<double>() - f["truth"]!.GetValue<double>());
        Assert.Equal(-0.4, Off("2027-03-13"), 0.1);
        Assert.True(Off("2027-03-15") > 2, $"{Off("2027-03-15")} K");
        var inside = (await _book.Get("/api/frosts-judged")).AsArray().Single()!;
        Assert.True(inside["inside"]!.GetValue<bool>());
        var log = (await _book.Get($"/api/batches/{batch}"))["log"]!.AsArray().Select(l => l!["words"]!.GetValue<string>());
        Assert.Contains(log, words => words.StartsWith("A thermometer lay in the air inside", StringComparison.Ordinal));
        // the same file again: the fit knows these days by now, and what was told of them stands
        var (_, again) = await _book.Send(HttpMethod.Post, $"{path}&save=true&who=grower", File());
        Assert.Null(again["beside"]);
        Assert.Equal(judged.ToJsonString(), (await _book.Get("/api/forecasts-judged"))[0]!.ToJsonString());
    }
}
