using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>What a grower changes in an empty book: nothing set by hand is replaced unasked, and a route is taken over from another species.</summary>
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
        File.WriteAllLines(file, ["when,low,high", .. Enumerable.Range(0, 400).Select(i => FormattableString.Invariant($"{new DateOnly(2024, 1, 1).AddDays(i):yyyy-MM-dd},2,14"))]);
        try
        {
            b.Open("/site/weather");
            b.See("A weather record from a file");
            b.Driver.FindElement(By.CssSelector("[data-testid='weather-file']")).SendKeys(file);
            b.Says("weather-report", "400 days can be used");
            b.See("keep the 400 days, reckon frost from them");
            b.Press("keep the 400 days, last frost stays 8 May");
            b.See("Site");
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
        b.See("A route of your own for blue flax");
        b.See("begun as a copy of “with cold” of prairie smoke");
        b.Type("origin", "own results 2026");
        b.Click(By.XPath("//button[normalize-space(.)='save the route']"));
        b.See("Route: with cold, as prairie smoke");
        var species = (await _program.Get("/api/species")).AsArray().Select(v => v!["species"]!).ToDictionary(s => s["id"]!.GetValue<string>());
        string Steps(string of, string name) => string.Join("; ", species[of]["routes"]!.AsArray().Single(r => r!["name"]!.GetValue<string>() == name)!["steps"]!.AsArray().Select(s => $"{s!["kind"]} {s["days"]!["usual"]}"));
        Assert.Equal(Steps("prairie-smoke", "with cold"), Steps("blue-flax", "with cold, as prairie smoke"));
        Assert.Empty(b.Complaints());
    }
}
