using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>From a question to the library to a plan with another route, cells and a day of its own.</summary>
public sealed class LibraryAndPlanTests : IClassFixture<DemoProgram>, IDisposable
{
    private readonly RunningProgram _program;
    private readonly Browser _browser;

    public LibraryAndPlanTests(DemoProgram demo) => (_program, _browser) = (demo.Program, new(demo.Program.Address));

    public void Dispose()
    {
        _browser.Dispose();
    }

    [Fact]
    public void A_grower_finds_what_can_still_be_started_and_plans_it_by_another_route()
    {
        var b = _browser;
        b.Open("/species");
        b.See("46 species");
        b.Choose("question", "irritant or toxic");
        b.See("11 species");
        b.See("meadow death camas");
        // by what its place asks, wherever that is
        b.Choose("question", "all");
        b.Choose("moisture", "Wet");
        b.Choose("light", "Shade");
        b.See("1 species");
        b.See("balsam fir");
        b.Choose("moisture", "Any");
        b.Choose("light", "Any");
        b.Choose("question", "if started today, sown by the last frost");
        b.Type("find", "prairie");
        b.See("1 species");
        b.Click(By.XPath("//a[contains(., 'prairie smoke')]"));
        b.See("Route: no cold");
        b.Press("Plan a batch");
        b.Says("plan-flowers", "2nd year");

        b.Choose("target", "sow on a set day");
        b.Type("date", "1 May 2027");
        b.Says("plan-start", "Sat 1 May");
        b.Click(By.CssSelector("[aria-label='use this route: with cold']"));
        b.Says("plan-start", "Sat 20 Mar");
        b.Choose("cells", "two to a cell");
        b.See("cells in");
        b.Press("Cover, place, confidence, survival, containers");
        b.Type("containers", "0");
        b.See("Valid is a whole number from 1 to 60.");
        b.Type("containers", "1");
        b.Press("Why this many seeds");
        b.See("Spread over 1 container, each lost whole");
        b.Press("Create batch");
        b.See("B-44 prairie smoke");
        b.See("with cold, version 1");
        Assert.Empty(b.Complaints());
    }
}
