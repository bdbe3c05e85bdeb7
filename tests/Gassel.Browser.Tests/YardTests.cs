using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>The yard as its grower walks it: a container made ready and set out, a freeze over seedlings, the day to set out on.</summary>
public sealed class YardTests : IClassFixture<DemoProgram>
{
    private readonly RunningProgram _program;

    public YardTests(DemoProgram demo) => _program = demo.Program;

    private async Task<System.Text.Json.Nodes.JsonNode> Batch(int number) =>
        await _program.Get(
            $"/api/batches/{(await _program.Get("/api/batches")).AsArray().Single(b => b!["number"]!.GetValue<int>() == number)!["id"]}"
        );

    [Fact]
    public async Task A_batch_goes_from_the_table_into_three_jugs_and_out()
    {
        using var b = new Browser(_program.Address);
        b.Open("/");
        b.Click(By.XPath($"//a[{Browser.Reads("Make ready")}]"));
        b.SeeHeading("B-39 prairie smoke: make ready and set out");
        // a vessel that will not do is said at the table
        b.Choose("kind", "A vessel of my own");
        b.Type("litres", "1");
        b.Choose("wall", "Opaque");
        b.Says("doubt", "1 l");
        b.Says("doubt", "Opaque");
        b.Choose("kind", "Translucent jug, 4 l");
        foreach (var step in new[] { "ventHoles", "hinge", "mixFilled", "moistened", "sown", "twoLabels", "taped" })
            Check(b, step);
        b.Choose("place", "under the eaves");
        b.Press("Set out");
        b.Refused("drain");
        b.Press("Change it");
        Check(b, "drainHoles");
        b.InState("prepared", "done");
        b.Press("Set out");
        b.Told("3");
        b.Says("yard-headline", "27");
        b.Click(By.CssSelector("[data-testid='container-jug 39-2']"));
        b.SeeHeading("jug 39-2");
        b.Says("container-up", "0", "20");
        var batch = await Batch(39);
        Assert.Equal(
            60,
            batch["parts"]!
                .AsArray()
                .Where(p => p!["state"]!["divided"]!.GetValue<bool>() == false)
                .Sum(p => p!["state"]!["seeds"]!.GetValue<int>())
        );
        Assert.All(batch["parts"]!.AsArray().Where(p => !p!["state"]!["divided"]!.GetValue<bool>()), p =>
            Assert.Equal("yard-eaves", p!["state"]!["place"]!.GetValue<string>())
        );
        // the browser itself notes the objection
        Assert.All(b.Complaints(), c => Assert.Contains("409", c, StringComparison.Ordinal));
    }

    /// <summary>The box itself is drawn by its label.</summary>
    private static void Check(Browser b, string step) => b.Click(By.XPath($"//label[.//input[@aria-label='{step}']]"));

    [Fact]
    public async Task A_warm_week_then_a_freeze_is_warned_of_and_acted_on_with_one_tap()
    {
        using var b = new Browser(_program.Address, 390, 844);
        b.Open("/yard");
        b.Says("alert-freezeComing", "11");
        b.Says("alert-freezeComing", "Tue 16 Mar");
        b.PressIn("alert-freezeComing", "Bring in all 11");
        b.Told("11");
        b.SeeNoMore(By.CssSelector("[data-testid='alert-freezeComing']"));
        b.Says("yard-headline", "11");
        var parts = (await Batch(29))["parts"]!.AsArray().Where(p => !p!["state"]!["divided"]!.GetValue<bool>()).ToList();
        Assert.All(parts, p => Assert.Equal("carriedIn", p!["state"]!["tended"]![0]!["what"]!.GetValue<string>()));
        // taken back as one gesture, and warned of again
        b.Press("Undo");
        b.Says("alert-freezeComing", "11");
        Assert.Empty((await Batch(29))["parts"]!.AsArray().SelectMany(p => p!["state"]!["tended"]!.AsArray()));
        // one of them alone, at an address with a point in it
        b.Open($"/yard/{(await Batch(30))["summary"]!["id"]}/1.3");
        b.SeeTest("warning-freezeComing");
        b.Press("carry in");
        b.SeeNoMore(By.CssSelector("[data-testid='warning-freezeComing']"));
        b.Type("survivors", "6");
        b.PressIn("survivors", "Record");
        b.Told("6", "2");
        b.Says("container-up", "6");
        b.SeeTest("inside-season");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public void The_window_to_set_out_is_drawn_and_a_plan_outside_it_is_moved_into_it()
    {
        using var b = new Browser(_program.Address);
        b.Open("/yard");
        b.Press("When to set out");
        b.Says("wave-prairie-smoke", "28");
        b.Says("wave-prairie-smoke", "half");
        b.Open("/plan?species=elegant-penstemon");
        b.Choose("routeId", "winter container");
        b.Choose("target", "start on a set day");
        b.Type("date", "20 Mar 2027");
        b.Says("set-out-window", "nine winters of ten");
        b.SeeTest("set-out-range");
        b.SeeTest("set-out-outside");
        b.Click(By.XPath("//button[starts-with(normalize-space(.), 'Set out by')]"));
        b.SeeNoMore(By.CssSelector("[data-testid='set-out-outside']"));
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public void What_a_stone_would_change_is_answered_side_by_side_and_stands_in_the_address()
    {
        using var b = new Browser(_program.Address);
        b.Open("/workbench/container?container=tub6&cap=on&minC=-2&maxC=11");
        b.Says("simulator", "1.5 kg");
        b.Says("simulator", "15 cm");
        b.Choose("exposure", "Shade");
        b.SeeNoMore(By.XPath("//th[normalize-space(.)='in the shade']"));
        Assert.Contains("container=tub6", b.Driver.Url, StringComparison.Ordinal);
        Assert.Contains("exposure=shade", b.Driver.Url, StringComparison.Ordinal);
        Assert.Empty(b.Complaints());
    }
}
