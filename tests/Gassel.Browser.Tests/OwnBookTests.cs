using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>
/// What a grower changes in an empty book: nothing set by hand is replaced unasked, and a route is taken over from another species.
/// </summary>
public sealed class OwnBookTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: false);
    private readonly Browser _browser;

    public OwnBookTests()
    {
        _browser = new(_program.Address);
        _browser.NameSite();
    }

    public void Dispose()
    {
        _browser.Dispose();
        _program.Dispose();
    }

    [Fact]
    public async Task A_weather_record_does_not_replace_a_frost_day_set_by_hand_unasked()
    {
        var b = _browser;
        var file = Path.Combine(Path.GetTempPath(), $"gassel-weather-{Guid.NewGuid():N}.csv");
        File.WriteAllLines(
            file,
            [
                "when,low,high",
                .. Enumerable
                    .Range(0, 400)
                    .Select(i => FormattableString.Invariant($"{new DateOnly(2024, 1, 1).AddDays(i):yyyy-MM-dd},2,14")),
            ]
        );
        try
        {
            b.Open("/site/weather");
            b.SeeHeading("A weather record from a file");
            b.Driver.FindElement(By.CssSelector("[data-testid='weather-file']")).SendKeys(file);
            b.Says("weather-report", "400");
            b.SeeTest("weather-report");
            b.Press("Keep the 400 days, last frost stays 8 May");
            b.SeeHeading("Site");
            b.SeeNoMore(By.CssSelector("[data-testid='weather-report']"));
        }
        finally
        {
            File.Delete(file);
        }
        var site = await _program.Get("/api/site");
        Assert.Equal("hand", site["settings"]!["frostBasis"]!.GetValue<string>());
        Assert.Equal("05-08", site["site"]!["lastFrost"]!.GetValue<string>());
        Assert.NotNull(site["site"]!["weatherRecordId"]);
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task A_route_is_copied_from_another_species()
    {
        var b = _browser;
        b.Open("/species/blue-flax");
        b.Choose("copyRoute", "prairie smoke: with cold, indoors");
        b.SeeHeading("A route of your own for blue flax");
        b.Says("route-origin", "with cold", "prairie smoke");
        b.Type("origin", "own results 2026");
        b.Click(By.XPath($"//button[{Browser.Reads("Save the route")}]"));
        b.SeeHeading("Route: with cold, as prairie smoke");
        var species = (await _program.Get("/api/species"))
            .AsArray()
            .Select(v => v!["species"]!)
            .ToDictionary(s => s["id"]!.GetValue<string>());
        string Steps(string of, string name) =>
            string.Join(
                "; ",
                species[of]["routes"]!.AsArray().Single(r => r!["name"]!.GetValue<string>() == name)!["steps"]!
                    .AsArray()
                    .Select(s => $"{s!["kind"]} {s["days"]!["usual"]}")
            );
        Assert.Equal(Steps("prairie-smoke", "with cold"), Steps("blue-flax", "with cold, as prairie smoke"));
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public void Every_view_of_an_empty_book_comes_up_without_a_complaint_of_the_browser()
    {
        var b = _browser;
        string[] paths =
        [
            "/",
            "/season",
            "/season/books",
            "/season/years",
            "/plan",
            "/plan?species=small-camas&route=small-camas-winter-container",
            "/batches",
            "/batches/told",
            "/count",
            "/yard",
            "/yard/waves",
            "/yard/ways",
            "/seed",
            "/seed?new=blue-flax",
            "/species",
            "/species/new",
            "/species/blue-flax",
            "/species/blue-flax/values",
            "/site",
            "/site/people",
            "/site/weather",
            "/site/temperature",
            "/trials",
            "/trials/new",
            "/workbench",
            "/workbench/hardening",
            "/workbench/flowering",
            "/labels",
            "/sheet",
        ];
        Assert.All(paths, path =>
        {
            b.Open(path);
            b.See(By.CssSelector("main h1, main h2"));
            b.SeeNoMore(By.CssSelector("[role='progressbar']"));
        });
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task Sown_in_late_summer_the_ways_through_the_winter_stand_on_the_plan_once_the_first_frost_is_entered()
    {
        var b = _browser;
        b.Open("/plan?species=blue-flax&event=sow&date=2027-08-20");
        b.SeeTest("plan-notes");
        b.Open("/site");
        b.Type("firstFrost", "25 Sep");
        b.Press("Save the site");
        b.SeeTest("site-saved");
        Assert.Equal("09-25", (await _program.Get("/api/site"))["settings"]!["firstFrost"]!.GetValue<string>());
        b.Open("/plan?species=blue-flax&event=sow&date=2027-08-20");
        b.SeeTest("late");
        b.Says("late", "25 Sep");
        b.SeeTest("late-underLamps");
        b.SeeTest("late-potsInFrame");
        Assert.Empty(b.Complaints());
    }
}
