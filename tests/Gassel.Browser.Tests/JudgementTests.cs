using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>Why few came up, what is done about it, and what is learned from it.</summary>
public sealed class JudgementTests : IClassFixture<DemoProgram>, IDisposable
{
    private readonly RunningProgram _program;
    private readonly Browser _browser;

    public JudgementTests(DemoProgram demo) => (_program, _browser) = (demo.Program, new(demo.Program.Address));

    public void Dispose()
    {
        _browser.Dispose();
    }

    [Fact]
    public void A_tray_that_came_up_badly_is_judged_cut_and_given_up()
    {
        var b = _browser;
        b.Open("/b/28");
        b.Says("germination-interval", "6", "72", "95 %");
        b.Press("Why so few?");
        b.See(By.CssSelector("[data-testid='cause-chillingShort'] ~ [data-testid='cause-tooDeep']"));
        b.Says("cause-tooDeep", "6 mm", "0–2 mm");
        b.Says("cause-chillingShort", "dry");
        b.Says("cause-driedOut", "2");
        b.Says("cause-pests", "of 10", "no sign");
        b.Press("All numbers");
        b.SeeTest("all-numbers");

        b.Press("Stop waiting for this seed");
        b.Says("cut-first", "66");
        b.PressIn("close-actions", "Cut test");
        b.Type("full", "7");
        b.Type("empty", "2");
        b.Type("rotten", "1");
        b.PressIn("cut-actions", "Record");
        b.Told("B-28", "10");
        b.Says("germination-interval", "6", "62");
        b.Says("advice", "second cold");
        b.Says("cause-oldOrEmptySeed", "7", "10");
        b.Press("Keep for next spring");
        b.Logged("sowingKept");
        b.Press("Stop waiting for this seed");
        b.PressIn("close-actions", "Stop waiting");
        b.Logged("sowingClosed");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public void Own_results_stand_beside_what_was_expected_and_a_plan_goes_by_them()
    {
        var b = _browser;
        b.Open("/species/globemallow");
        b.Says("results-globemallow-hot-water", "195", "342", "4");
        b.Open("/plan?species=globemallow");
        b.Says("learned", "195", "342", "4");
        b.InState("learned", "lotTest");
    }

    [Fact]
    public void A_mat_too_warm_for_what_stands_on_it_is_told_on_Rounds()
    {
        _browser.Open("/");
        _browser.Says("warmth-25", "prairie smoke", "18–21 °C", "thermostat");
        // told once for both trays, and one touch for both
        _browser.PressIn("warmth-25", "Move both to lamp shelf");
        _browser.Told("B-25, B-26", "lamp shelf");
        _browser.SeeNoMore(By.CssSelector("[data-testid='warmth-25']"));
    }

    [Fact]
    public void Lamps_that_leave_too_little_dark_are_told_on_Site()
    {
        var b = _browser;
        b.Open("/site/places");
        b.Says("place-lamp-shelf", "05:00", "21:00", "16 h", "8 h");
        b.Click(By.CssSelector("[aria-label='Lamp shelf: change']"));
        b.Driver.ExecuteScript(
            """
            const field = document.querySelector("input[name='lamps-on']");
            Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(field, "03:00");
            field.dispatchEvent(new Event("input", { bubbles: true }));
            """
        );
        b.Press("Save");
        b.Says("place-lamp-shelf", "03:00", "21:00", "18 h", "6 h");
        b.Says("place-lamp-shelf", "6 h", "8 h");
    }
}
