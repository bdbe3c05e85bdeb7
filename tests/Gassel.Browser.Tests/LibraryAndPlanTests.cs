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
        b.Says("species-found", "46");
        b.Choose("question", "irritant or toxic");
        b.Says("species-found", "11");
        b.See("meadow death camas");
        // by what its place asks, wherever that is
        b.Choose("question", "all");
        b.Choose("moisture", "Wet");
        b.Choose("light", "Shade");
        b.Says("species-found", "1");
        b.See("balsam fir");
        b.Choose("moisture", "Any");
        b.Choose("light", "Any");
        b.Choose("question", "if started today, sown by the last frost");
        b.Type("find", "prairie");
        b.Says("species-found", "1");
        b.Click(By.XPath("//a[contains(., 'prairie smoke')]"));
        b.SeeHeading("Route: no cold");
        b.Press("Plan a batch");
        b.Says("plan-flowers", "2nd");

        b.Choose("target", "sow on a set day");
        b.Type("date", "1 May 2027");
        b.Says("plan-start", "Sat 1 May");
        b.Click(By.CssSelector("[aria-label='use this route: with cold']"));
        b.Says("plan-start", "Sat 20 Mar");
        b.Choose("cells", "two to a cell");
        b.Press("Cover, place, confidence, survival, containers");
        b.Type("containers", "0");
        b.Refused("1", "60");
        b.Type("containers", "1");
        b.Press("Why this many seeds");
        b.SeeTest("working");
        b.Press("Create batch");
        b.See("B-44 prairie smoke");
        b.Says("batch-route", "1");
        Assert.Empty(b.Complaints());
    }
}
