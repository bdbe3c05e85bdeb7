using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>What is not accepted is said on the screen, with what would be valid.</summary>
public sealed class RefusalTests : IClassFixture<RefusalTests.Demo>
{
    private readonly Demo _demo;

    public RefusalTests(Demo demo) => _demo = demo;

    public sealed class Demo : IDisposable
    {
        public Demo() => Browser = new(Program.Address);

        public RunningProgram Program { get; } = new(demo: true);

        public Browser Browser { get; }

        public void Dispose()
        {
            Browser.Dispose();
            Program.Dispose();
        }
    }

    [Fact]
    public void More_seedlings_than_seed_is_warned_of_before_saving_and_kept_only_if_it_was_so()
    {
        var b = _demo.Browser;
        b.Open("/count");
        b.Click(By.CssSelector("[aria-label='count B-14 deep cells 14']"));
        b.Says("standing", "20", "48");
        b.PressKeys("28" + Keys.Enter);
        b.Refused("28", "27");
        b.Press("Change it");
        b.SeeNoMore(By.CssSelector("[role='dialog']"));
        b.PressKeys(Keys.Backspace + Keys.Enter);
        b.Says("standing", "22", "48");
    }

    [Fact]
    public void A_time_zone_that_does_not_exist_is_told_with_an_example()
    {
        var b = _demo.Browser;
        b.Open("/site");
        b.Type("timeZone", "Mountain");
        b.Press("Save the site");
        b.Refused("America/Denver");
        // at its field, there alone, and the field is where one goes on writing
        var field = b.See(By.CssSelector("input[name='timeZone'][aria-invalid='true']"));
        Assert.Equal(field, b.Driver.SwitchTo().ActiveElement());
        b.SeeNoMore(By.CssSelector("[role='alert']"));
        b.Type("timeZone", "America/Denver");
        b.SeeNoMore(By.CssSelector("input[name='timeZone'][aria-invalid='true']"));
        b.Type("latitude", "190");
        b.Refused("−90", "90");
    }

    [Fact]
    public void Taking_back_a_sowing_offers_the_counts_that_stand_on_it()
    {
        var b = _demo.Browser;
        b.Open("/batches/" + IdOf(2));
        b.Click(By.XPath("//button[starts-with(normalize-space(.), 'Show all')]"));
        b.Click(By.XPath("//*[@data-testid='log']//li[contains(., 'deep cells 2')]//button"));
        b.See(By.CssSelector("[role='dialog'] li"));
        b.See(By.XPath("//*[@role='dialog']//li[contains(., '12')]"));
        b.Press("Undo all 4");
        b.SeeNoMore(By.CssSelector("[role='dialog']"));
        b.Says("germination", "8.3 %");
    }

    private string IdOf(int number) =>
        _demo.Program.Get("/api/batches").Result.AsArray().Single(x => x!["number"]!.GetValue<int>() == number)!["id"]!.GetValue<string>();
}
