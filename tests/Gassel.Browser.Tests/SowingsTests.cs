using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>From a route made one's own to a lot with a test of dormant seed, a late plan and two sowings.</summary>
public sealed class SowingsTests : IClassFixture<DemoProgram>, IDisposable
{
    private readonly RunningProgram _program;
    private readonly Browser _browser;

    public SowingsTests(DemoProgram demo) => (_program, _browser) = (demo.Program, new(demo.Program.Address));

    public void Dispose()
    {
        _browser.Dispose();
    }

    [Fact]
    public void A_library_edit_carries_through_a_dormant_seed_test_and_a_late_plan_to_two_sowings()
    {
        var b = _browser;
        // the route, changed where the species allows it and refused where not
        b.Open("/species/small-camas");
        b.Click(By.CssSelector("[aria-label='change route fridge']"));
        b.Says("route-origin", "2");
        b.Type("usual-1", "200");
        b.Refused("42", "200", "120");
        b.Type("usual-1", "60");
        b.Type("origin", "own results 2026");
        b.Choose("addStep", "scarify");
        b.Choose("method-1", "nicked");
        b.Click(By.CssSelector("[aria-label='take out step 1']"));
        b.Press("Save version 2");
        b.Says("route-version", "2");
        b.Says("route-small-camas-fridge", "60", "42", "120");

        // a lot of it, with a towel test of untreated seed
        b.Open("/seed");
        b.Press("Enter a lot");
        b.Choose("speciesId", "small camas");
        b.Type("gatheredAt", "pond margin");
        b.Type("gatheredOn", "4 Jul 2026");
        b.Type("counted", "300");
        b.Press("Add a test");
        b.Type("testGerminated-1", "1");
        b.Type("testSeeds-1", "40");
        b.Press("Enter the lot");
        b.SeeTest("lot-22");
        b.Says("lot-22", "260", "300");
        b.Says("lot-22", StepKind.ColdMoist.Words());
        // not 1 of 40: the rule stands until a test has had the cold
        b.Says("lot-22", "48 %");

        // a plan that is late, with its choices and another route
        b.Click(By.CssSelector("[aria-label='plan with lot 22']"));
        b.SeeTest("plan-late");
        b.Says("choice-shorten", StepKind.ColdMoist.Words(), "60");
        b.Says("choice-moveTarget", "unknown");
        b.SeeTest("choice-nextSeason");
        b.SeeHeading("Routes side by side");
        b.Says("plan-notes", "dormancy");

        // planned for a later year instead, and sown twice
        b.Type("year", "2028");
        b.Says("plan-start", "2028");
        b.Type("secondWeeks", "3");
        b.Says("sowing-first", "start");
        b.Says("sowing-second", "freeze");
        b.Press("Create two batches");
        b.Says("batches-found", "45");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public void A_weather_file_is_mapped_judged_and_becomes_the_frost_of_the_site()
    {
        var b = _browser;
        var file = Path.Combine(Path.GetTempPath(), $"gassel-weather-{Guid.NewGuid():N}.csv");
        var rows = Enumerable
            .Range(0, 365 * 12)
            .Select(i => new DateOnly(2014, 1, 1).AddDays(i))
            .Select(d =>
                FormattableString.Invariant(
                    $"{d:yyyy-MM-dd},{(d.DayOfYear is > 130 and < 270 ? 55 : 20)},{(d.DayOfYear is > 130 and < 270 ? 75 : 40)}"
                )
            );
        File.WriteAllLines(file, ["when,low,high", .. rows, "2026-02-31,20,40", "2026-03-01,60,20"]);
        try
        {
            b.Open("/site/weather");
            b.SeeHeading("A weather record from a file");
            b.Driver.FindElement(By.CssSelector("[data-testid='weather-file']")).SendKeys(file);
            b.Says("weather-report", "4380");
            b.Says("weather-report", "2");
            b.Says("weather-report", "swapped");
            // two columns change places, and every row is then the wrong way round
            b.Choose("minColumn", "high");
            b.Says("weather-report", "1");
            b.Choose("minColumn", "low");
            b.Says("weather-report", "4380");
            b.Type("recordName", "bench station");
            b.Press("Keep the 4380 days, calculate frost from them");
            b.Says("frost-told", "10 May", "10 May");
            b.SeeTest("frost-chart");
        }
        finally
        {
            File.Delete(file);
        }
        Assert.Empty(b.Complaints());
    }
}
