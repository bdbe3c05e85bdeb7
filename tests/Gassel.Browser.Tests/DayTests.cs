namespace Gassel.Browser.Tests;

/// <summary>The day is the site's by the server's clock, wherever the browser is.</summary>
public sealed class DayTests : IClassFixture<DemoProgram>
{
    private readonly RunningProgram _program;

    public DayTests(DemoProgram demo) => _program = demo.Program;

    [Theory]
    [InlineData("America/Denver")]
    [InlineData("Pacific/Auckland")]
    public void It_is_the_fourteenth_of_March_at_the_nursery(string zone)
    {
        using var browser = new Browser(_program.Address);
        browser.Driver.ExecuteCdpCommand("Emulation.setTimezoneOverride", new Dictionary<string, object?> { ["timezoneId"] = zone });
        browser.Open("/");
        browser.SeeTest("done-day");
        browser.Says("today", "Sun 14 Mar 2027");
        browser.Says("done-day", "Sun 14 Mar");
        browser.PressKeys("[");
        browser.Says("done-day", "Sat 13 Mar");
        Assert.Equal(zone, browser.Driver.ExecuteScript("return Intl.DateTimeFormat().resolvedOptions().timeZone"));
    }
}
