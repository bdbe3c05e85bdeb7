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
        b.Says("germination-interval", "6 of 72; 95 % interval");
        b.Press("Why so few?");
        b.Says("verdict", "Most likely: chilling short or interrupted; too deep.");
        b.Says("cause-tooDeep", "Sown 6 mm deep; this kind wants 0–2 mm.");
        b.Says("cause-chillingShort", "it lay dry");
        b.Says("cause-driedOut", "against: Seen moist at 2 looks since sowing");
        b.Says("cause-pests", "unlikely");
        b.Press("All numbers");
        b.Says("all-numbers", "speed of emergence");

        b.Press("Stop waiting for this seed");
        b.See("Cut a few of the 66 seeds first");
        b.PressIn("close-actions", "Cut test");
        b.Type("full", "7");
        b.Type("empty", "2");
        b.Type("rotten", "1");
        b.PressIn("cut-actions", "Record");
        b.See("B-28: 10 seeds cut");
        b.Says("germination-interval", "6 of 62");
        b.Says("advice", "a second cold may bring the rest");
        b.Says("cause-oldOrEmptySeed", "against: Cut test of this sowing: 7 full of 10.");
        b.Press("Keep for next spring");
        b.See("Finished for this spring on 14 Mar; kept for the next.");
        b.Press("Stop waiting for this seed");
        b.PressIn("close-actions", "Stop waiting");
        b.See("Not waiting for its seed since 14 Mar.");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public void Own_results_stand_beside_what_was_expected_and_a_plan_goes_by_them()
    {
        var b = _browser;
        b.Open("/species/globemallow");
        b.Says("results-globemallow-hot-water", "195 of 342 came up in 4 batches");
        b.Says("results-globemallow-hot-water", "as expected");
        b.Open("/plan?species=globemallow");
        b.Says("learned", "own 195 of 342 in 4 batches");
        b.Says("learned", "This plan uses the test of the lot.");
    }

    [Fact]
    public void A_mat_too_warm_for_what_stands_on_it_is_told_on_Rounds()
    {
        _browser.Open("/");
        _browser.Says("warmth-25", "prairie smoke comes up at 18–21 °C");
        _browser.Says("warmth-25", "Take it off the mat, or turn the thermostat down.");
        // one touch
        _browser.PressIn("warmth-25", "Move to lamp shelf");
        _browser.See("B-25: moved to lamp shelf");
        _browser.SeeNoMore(By.CssSelector("[data-testid='warmth-25']"));
    }

    [Fact]
    public void Lamps_that_leave_too_little_dark_are_told_on_Site()
    {
        var b = _browser;
        b.Open("/site/places");
        b.Says("place-lamp-shelf", "05:00 to 21:00: 16 h light, 8 h dark");
        b.Click(By.CssSelector("[aria-label='Lamp shelf: change']"));
        b.See("16 h light, 8 h dark.");
        b.Driver.ExecuteScript(
            """
            const field = document.querySelector("input[name='lamps-on']");
            Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(field, "03:00");
            field.dispatchEvent(new Event("input", { bubbles: true }));
            """
        );
        b.Press("Save");
        b.Says("place-lamp-shelf", "03:00 to 21:00: 18 h light, 6 h dark");
        b.Says("place-lamp-shelf", "Only 6 h of dark: seedlings want at least 8 h.");
    }
}
