using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>Winter containers in an empty book, by hand: told afterwards, and as a trial.</summary>
public sealed class OwnYardTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: false);
    private readonly Browser _browser;

    public OwnYardTests()
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
    public async Task Pots_told_afterwards_ask_for_their_straw_on_rounds()
    {
        var b = _browser;
        await _program.Lot("small-camas");
        b.Open("/batches/told");
        b.Type("species-1", "small camas");
        b.Type("step-1", "sown");
        // last winter: its straw should long be off
        b.Type("since-1", "1 Nov 2025");
        b.Type("seeds-1", "40");
        b.Type("route-1", "winter container");
        b.Type("vessel-1", "pot");
        b.Press("Check 1 line");
        b.Says("verdict-1", "40", VesselKind.Pot.Words());
        b.Press("Enter 1 good line");
        b.SeeNoMore(By.CssSelector("[data-testid='told-report']"));
        b.Open("/");
        b.See(DueKind.StrawMostOff.Title());
        Assert.Equal(
            "pot",
            (await _program.Get($"/api/batches/{(await _program.Get("/api/batches"))[0]!["id"]}"))["parts"]![0]!["state"]!["setup"]![
                "kind"
            ]!.GetValue<string>()
        );
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task A_trial_of_jugs_with_and_without_stones_is_laid_out_and_set_out()
    {
        var b = _browser;
        await _program.Lot("prairie-smoke");
        b.Open("/trials/new");
        b.Type("name", "Stones");
        b.Type("changed", "stones in the jug");
        b.Choose("route-0", "Winter container");
        b.Choose("route-1", "Winter container");
        b.Type("arm1-stonesKg", "3");
        b.Type("sowOn", "today");
        b.SeeTest("trial-layout");
        b.Press("Make the trial");
        b.Says("sentence", "control", "treated");
        // from the yard as well it is the layout that sets them out
        b.Open("/yard");
        b.Click(By.CssSelector("[aria-label='make ready B-2']"));
        b.Says("sentence", "control", "treated");
        b.Press("Make ready and set out control, treated");
        foreach (var step in new[] { "drainHoles", "ventHoles", "hinge", "mixFilled", "moistened", "sown", "twoLabels", "taped" })
            b.Click(By.XPath($"//label[.//input[@aria-label='{step}']]"));
        b.Press("Set out");
        b.Told("control", "treated");
        var parts = new List<System.Text.Json.Nodes.JsonNode>();
        foreach (var batch in (await _program.Get("/api/batches")).AsArray())
        {
            parts.AddRange(
                (await _program.Get($"/api/batches/{batch!["id"]}"))["parts"]!
                    .AsArray()
                    .Select(p => p!["state"]!)
                    .Where(p => !p["divided"]!.GetValue<bool>())
            );
        }
        Assert.Equal([0, 0, 0, 3, 3, 3], parts.Select(p => p["setup"]!["stonesKg"]!.GetValue<double>()).Order());
        b.Open("/yard");
        b.Says("yard-headline", "6");
        Assert.Empty(b.Complaints());
    }
}
