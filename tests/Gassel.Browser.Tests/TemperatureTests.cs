using System.Globalization;
using System.Text;
using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>A fridge that fails, a logger's file, labels and a mix, as a grower meets them.</summary>
public sealed class TemperatureTests : IClassFixture<DemoProgram>, IDisposable
{
    private readonly RunningProgram _program;
    private readonly Browser _browser;
    private readonly string _file = Path.Combine(Path.GetTempPath(), $"logger-{Guid.NewGuid():N}.csv");

    public TemperatureTests(DemoProgram demo) => (_program, _browser) = (demo.Program, new(demo.Program.Address));

    public void Dispose()
    {
        _browser.Dispose();
        File.Delete(_file);
    }

    private async Task<string> Id(int number) =>
        (await _program.Get("/api/batches")).AsArray().Single(x => x!["number"]!.GetValue<int>() == number)!["id"]!.GetValue<string>();

    [Fact]
    public async Task A_fridge_that_fails_shows_on_Rounds_and_on_every_bag_that_it_touches()
    {
        var b = _browser;
        b.Open("/");
        b.Says("troubles", "00:30", "Cold shelf", "8 °C", "door");
        b.Says("now-cold-shelf", "measured");
        var shelf = (await _program.Get("/api/rounds"))["places"]!
            .AsArray()
            .Single(p => p!["place"]!["id"]!.GetValue<string>() == "cold-shelf")!;
        var bags = shelf["parts"]!.AsArray().Select(p => p!["batchId"]!.GetValue<string>()).Distinct().ToList();
        Assert.True(bags.Count >= 8);
        foreach (var bag in bags)
        {
            b.Open($"/batches/{bag}");
            b.Says("troubles", "00:30", "Cold shelf", "8 °C");
        }
        // a bag in the warm is not touched
        b.Open($"/batches/{await Id(9)}");
        b.SeeTest("log");
        Assert.Empty(b.Driver.FindElements(By.CssSelector("[data-testid='troubles']")));
        // and it is over once the simulated door is shut and the probe has been heard again
        b.Open("/site/temperature/cold-shelf");
        b.Choose("plays-1", "Steady");
        b.Says("series-1", "Steady");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task An_assumed_temperature_is_replaced_by_a_measured_one_from_a_loggers_file()
    {
        var b = _browser;
        await _program.Send(
            "/api/told",
            """
            {"save":true,"who":"grower","lines":[{"species":"small-camas","lot":"11","step":"cold-moist","since":"2026-12-20",
            "seeds":"40","place":"Yard, shade","route":"fridge"}]}
            """
        );
        var batch = await Id(44);
        b.Open($"/batches/{batch}");
        // at the assumed 5 °C a day counts three quarters to a kind that germinates in the cold
        b.Says("cold-headline", "63.0", "90");
        // a bag out in the shade, taken as 5 °C; a logger in it was at 34.7 °F, day first, on standard time
        var csv = new StringBuilder("nr;date;time;soil;moist\n");
        var at = new DateTime(2026, 12, 20, 0, 0, 0);
        for (var i = 0; i <= 83 * 24; i++, at = at.AddHours(1))
            csv.Append(
                CultureInfo.InvariantCulture,
                $"{i};{at:dd.MM.yyyy};{at:HH:mm};{(i == 300 ? "err" : "34.7")};81\n{(i == 500
                    ? $"{i};{at:dd.MM.yyyy};{at.AddMinutes(1):HH:mm};131.0;81\n" : "")}"
            );
        await File.WriteAllTextAsync(_file, csv.ToString(), TestContext.Current.CancellationToken);
        b.Open("/site/temperature/yard-shade");
        b.SeeTest("place-unmeasured");
        b.Press("Read a logger’s file");
        b.SeeHeading("A logger’s file for Yard, shade");
        b.Driver.FindElement(By.CssSelector("[data-testid='logger-file']")).SendKeys(_file);
        // the last column is guessed; it is not the temperature
        b.Choose("tempColumn", "Soil");
        b.Says("unit-doubt", "34.7", "34.7 °C", "5 °C");
        b.Press("It is °F");
        b.SeeNoMore(By.CssSelector("[data-testid='unit-doubt']"));
        b.Says("logger-report", "1", "302", "01.01.2027 12:00 err");
        b.Choose("clock", "Standard time all year");
        b.Says("logger-report", "1");
        b.Type("loggerName", "bag logger");
        b.Click(By.XPath("//button[starts-with(normalize-space(.), 'Read the whole file')]"));
        b.SeeTest("temperature-chart");
        var series = Assert.Single((await _program.Get("/api/places/yard-shade/temperature"))["series"]!.AsArray())!["id"];
        b.Says($"series-{series}", "bag logger");
        b.Open($"/batches/{batch}");
        b.Says("cold-schools", "83.0", "1.0", "84.0");
        // 1.5 °C counts whole; yesterday is assumed still
        b.Says("cold-headline", "90");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task A_thermometer_is_read_by_eye_at_a_look_on_a_phone()
    {
        using var phone = new Browser(_program.Address, 390, 844);
        phone.At("warm-shelf");
        phone.Says("now-warm-shelf", "23 °C", "2 Mar");
        phone.Type("read-warm-shelf", "20.5");
        phone.PressIn("due-9-1-checkBag", "All well");
        phone.Says("now-warm-shelf", "20.5 °C", "14 Mar");
        Assert.Contains(
            "the place at 20.5",
            (await _program.Get($"/api/batches/{await Id(9)}"))["log"]!.ToJsonString(),
            StringComparison.Ordinal
        );
        Assert.Empty(phone.Complaints());
    }

    [Fact]
    public async Task Labels_are_printed_for_what_has_none_and_their_code_leads_to_the_batch()
    {
        var b = _browser;
        b.Open("/labels");
        b.Says("label-outside", "snowberry");
        b.Press("None");
        b.Click(By.CssSelector("[data-testid='part-21-1']"));
        b.Says("label-inside", "TOXIC", "small camas");
        b.Press("Print 2 labels");
        b.SeeTest("printed");
        var pdf = b.SeeTest("printed").GetAttribute("href")!;
        Assert.Equal("%PDF"u8.ToArray(), (await _program.Http.GetByteArrayAsync(new Uri(pdf), TestContext.Current.CancellationToken))[..4]);
        b.Open("/b/21");
        b.See("B-21 meadow death camas");
        b.Logged("labelled", "2");
        b.Open("/b/999");
        b.See("B-999");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public void A_mix_is_reckoned_as_one_types()
    {
        var b = _browser;
        b.Open("/workbench/mixing");
        b.Press("for the cold, 4 : 1");
        b.Type("count", "100");
        b.Type("settling", "20");
        // 100 cells of 40 ml hold 4 l; 5 l loose, a fifth of it vermiculite
        b.Says("share-peat", "4 l");
        b.Says("share-vermiculite", "1 l");
        b.Says("mix", "5 l", "4 l");
        b.See(By.CssSelector("[data-testid^='caution-']"));
        b.Type("count", "0");
        b.Refused("1", "100,000");
        b.Open("/workbench/cold");
        b.Says("cold-day", "0.85");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task A_large_file_shows_how_far_it_is_and_leaves_nothing_when_it_is_broken_off()
    {
        var b = _browser;
        await using (var file = new StreamWriter(_file))
        {
            await file.WriteAsync("time,temp\n");
            var at = new DateTime(2016, 1, 1, 0, 0, 0, DateTimeKind.Utc);
            for (var i = 0; i < 3_000_000; i++, at = at.AddMinutes(1))
                await file.WriteAsync(string.Create(CultureInfo.InvariantCulture, $"{at:yyyy-MM-ddTHH:mm:ss}Z,4.25\n"));
        }
        b.Open("/site/temperature/lamp-shelf/import");
        b.SeeHeading("A logger’s file for Lamp shelf");
        b.Driver.FindElement(By.CssSelector("[data-testid='logger-file']")).SendKeys(_file);
        b.SeeTest("logger-report");
        b.Click(By.XPath("//button[starts-with(normalize-space(.), 'Read the whole file')]"));
        b.See(By.CssSelector("[role='progressbar']"));
        b.See(By.CssSelector("[role='progressbar'][aria-valuenow]"));
        b.Press("Stop reading");
        b.Refused("file");
        Assert.Empty((await _program.Get("/api/places/lamp-shelf/temperature"))["series"]!.AsArray());
        Assert.Empty(b.Complaints());
    }
}
