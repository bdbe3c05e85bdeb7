using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>Every view and the dialogs on a wide screen, in both lights; keys.</summary>
public sealed class AccessibilityTests : IClassFixture<DemoProgram>, IDisposable
{
    private readonly RunningProgram _program;
    private readonly Browser _browser;

    public AccessibilityTests(DemoProgram demo) => (_program, _browser) = (demo.Program, new(demo.Program.Address));

    public void Dispose()
    {
        _browser.Dispose();
    }

    [Fact]
    public async Task No_view_has_a_violation_in_either_light()
    {
        _browser.Open("/");
        Looking.SetLight(_browser, "light");
        List<string> faults = [];
        foreach (var (path, sign) in (await Views.OfDemo(_program)).Concat(Views.ForWriting))
        {
            _browser.Open(path);
            _browser.SeeView(sign);
            faults.AddRange(Looking.Faults(_browser, $"{path} in light"));
            Looking.Darken(_browser);
            faults.AddRange(Looking.Faults(_browser, $"{path} in dark", Looking.ColoursAlone));
            Looking.SetLight(_browser, "light");
        }
        Assert.Empty(faults);
    }

    [Fact]
    public void What_finds_anything_has_no_violation()
    {
        _browser.Open("/");
        _browser.SeeTest("today");
        _browser.PressKeys("/");
        _browser.Type("find-all", "blue");
        _browser.SeeTest("found-0");
        Looking.At(_browser, "find");
        _browser.Press("Scan a label");
        _browser.SeeTest("scan-says");
        Looking.At(_browser, "scan");
    }

    [Theory]
    [InlineData("light")]
    [InlineData("dark")]
    public void What_asks_before_it_goes_on_has_no_violation(string light)
    {
        var b = _browser;
        b.At("table");
        Looking.SetLight(b, light);
        b.At("table");
        b.PressIn("due-15-1-startStep", "Started");
        b.SeeHeading("B-15 goldenbanner: read this first");
        Looking.At(b, $"read first in {light}");
        b.Press("Cancel");
        b.Open("/seed?new=camas");
        b.Type("gatheredAt", "not saved");
        b.Press("Workbench");
        b.SeeHeading("Leave without saving?");
        Looking.At(b, $"unsaved in {light}");
        b.Press("Stay");
    }

    [Theory]
    [InlineData("lamp-shelf", "Prick out…")]
    [InlineData("lamp-shelf", "Divide…")]
    [InlineData("lamp-shelf", "Thin…")]
    [InlineData("lamp-shelf", "Move to…")]
    [InlineData("lamp-shelf", "Something wrong…")]
    [InlineData("table", "Record differently…")]
    [InlineData("table", "Looked…")]
    [InlineData("warm-shelf", "Problem…")]
    public void No_dialog_has_a_violation_in_either_light(string place, string button)
    {
        foreach (var light in new[] { "light", "dark" })
        {
            _browser.At(place);
            Looking.SetLight(_browser, light);
            _browser.At(place);
            _browser.Press(button);
            _browser.See(By.CssSelector("[role='dialog']"));
            Looking.At(_browser, $"{button} in {light}");
        }
    }

    [Theory]
    [InlineData("/site/places", "Add a place")]
    [InlineData("/seed?new=camas", "Count in a photo")]
    [InlineData("/yard", "Make ready")]
    [InlineData("B-14", "Cut test")]
    [InlineData("B-14", "Second cold")]
    [InlineData("B-14", "Stop waiting for this seed")]
    [InlineData("B-14", "Height…")]
    [InlineData("B-14", "Move to…")]
    [InlineData("B-14", "Looked again…")]
    [InlineData("B-14", "Something wrong…")]
    [InlineData("B-14", "Close the books of this batch")]
    public async Task No_dialog_of_another_page_has_a_violation_in_either_light(string page, string button)
    {
        var path = page.StartsWith("B-", StringComparison.Ordinal) ? $"/batches/{await IdOf(page)}" : page;
        foreach (var light in new[] { "light", "dark" })
        {
            _browser.Open(path);
            Looking.SetLight(_browser, light);
            _browser.Press(button);
            _browser.See(By.CssSelector("[role='dialog']"));
            Looking.At(_browser, $"{button} in {light}");
            _browser.PressKeys(Keys.Escape);
        }
    }

    private async Task<string> IdOf(string number) =>
        (await _program.Get("/api/batches")).AsArray().Single(b => $"B-{b!["number"]}" == number)!["id"]!.GetValue<string>();

    [Fact]
    public void A_why_stands_beside_the_page_which_does_not_move_and_a_chart_has_its_numbers_as_a_table()
    {
        _browser.Open("/plan?species=globemallow");
        _browser.SeeTest("plan-start");
        var why = By.CssSelector("main button[aria-label^='why: ']");
        var top = _browser.See(why).Location;
        _browser.Click(why);
        _browser.See(By.CssSelector("[data-testid='beside'] [data-testid='working'] li"));
        Assert.Equal(top, _browser.See(By.CssSelector("main button[aria-label^='close: ']")).Location);
        Looking.At(_browser, "a why");
        _browser.PressKeys(Keys.Escape);
        _browser.SeeNoMore(By.CssSelector("[data-testid='beside']"));

        _browser.Open("/site/temperature/cold-shelf");
        _browser.See(By.CssSelector("[data-testid='temperature-chart']"));
        _browser.Press("As a table");
        var rows = _browser.Driver.FindElements(By.CssSelector("[data-testid='chart-table'] tbody tr"));
        Assert.True(rows.Count > 300, $"{rows.Count} hours of two weeks");
        Looking.At(_browser, "numbers as a table");
    }

    [Fact]
    public void Keys_are_listed_and_reach_every_view()
    {
        _browser.Open("/");
        _browser.SeeTest("today");
        _browser.PressKeys("?");
        _browser.SeeHeading("This page and its keys");
        _browser.PressKeys(Keys.Escape);
        _browser.SeeNoMore(By.CssSelector("[role='dialog']"));
        foreach (
            var (key, sign) in new[]
            {
                ("2", "Only late"),
                ("3", "Plants wanted"),
                ("4", "#batches-found"),
                ("5", "Which tray are you counting?"),
                ("6", "Seed on hand"),
                ("7", "Route: fridge"),
                ("8", "This device"),
                ("9", "Mixing"),
                ("0", "Lay out a trial"),
                ("y", "#yard-headline"),
                ("1", "#done-day"),
            }
        )
        {
            _browser.PressKeys(key);
            _browser.SeeView(sign);
        }
    }
}
