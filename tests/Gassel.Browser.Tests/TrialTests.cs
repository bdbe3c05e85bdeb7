using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>A trial from its layout to its sentence.</summary>
public sealed class TrialTests : IClassFixture<DemoProgram>, IDisposable
{
    private readonly RunningProgram _program;
    private readonly Browser _browser;

    public TrialTests(DemoProgram demo) => (_program, _browser) = (demo.Program, new(demo.Program.Address));

    public void Dispose()
    {
        _browser.Dispose();
    }

    [Fact]
    public async Task Deep_or_shallow_is_laid_out_sown_counted_and_told()
    {
        var b = _browser;
        b.Open("/trials");
        b.Says("says-1", "Chilled", "more", "not chilled");
        b.Press("Lay out a trial");
        b.Choose("lot", "Lot 6, prairie smoke");
        b.Type("name", "deep or shallow");
        b.Type("changed", "depth of sowing");
        b.Type("arm-0", "shallow");
        b.Type("arm-1", "deep");
        b.Type("depth-1", "9");
        b.Type("seedsPerArm", "8");
        b.Type("cellsPerTray", "36");
        b.Says("trial-size", "64");
        b.Says("trial-size", "8");
        b.Says("trial-layout", "T-2", "8", "8", "8", "8");
        b.Press("Make the trial");
        b.Says("sentence", "shallow", "deep");
        b.Press("All sown by the layout");
        b.Told("shallow", "deep");
        b.Says("sentence", "any arm");

        // three weeks later, eight seeds each: six and four
        var trial = (await _program.Get("/api/trials")).AsArray().Single(t => t!["number"]!.GetValue<int>() == 2)!;
        var cells = trial["design"]!["plots"]!
            .AsArray()
            .Select(p => p!["cells"]!.AsArray().Select(c => c!.GetValue<int>()).ToArray())
            .ToArray();
        b.Press("Count");
        b.Click(By.CssSelector("[aria-label='count B-44, B-45 T-2']"));
        foreach (var cell in cells[0].Take(6).Concat(cells[1].Take(4)))
            b.Click(By.CssSelector($"[data-testid='cell-{cell}']"));
        b.Says("tally-at", "10");
        b.PressKeys(Keys.Enter);
        b.Told("T-2", "10", "0");
        b.Open($"/trials/{trial["id"]!.GetValue<string>()}");
        b.Press("End the trial");
        b.Says("trial-ended", "14 Mar");
        b.Says("sentence", "deep", "shallow", "50 %", "75 %");
        b.SeeTest("arm-bars");
        // from the first count on the names stay
        b.SeeNoMore(By.XPath($"//button[{Browser.Reads("Change names")}]"));
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task One_vessel_an_arm_is_warned_of_before_anything_is_sown()
    {
        var b = _browser;
        b.Open("/trials/new");
        b.Type("name", "a");
        b.Type("changed", "b");
        b.Press("Vessels of their own");
        b.Type("replicates", "1");
        b.SeeTest("trial-warning");
        b.Type("replicates", "3");
        b.SeeNoMore(By.XPath("//*[contains(text(), 'One vessel an arm')]"));
        b.Says("trial-layout", $"T-{(await _program.Get("/api/trials")).AsArray().Max(t => t!["number"]!.GetValue<int>()) + 1}.6");
    }
}
