using System.Text.Json;
using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>axe-core on every view in both lights: nothing serious or critical.</summary>
public sealed class AccessibilityTests : IClassFixture<DemoProgram>, IDisposable
{
    private static readonly string Axe = File.ReadAllText(Repository.File("src/gassel-ui/node_modules/axe-core/axe.min.js"));

    private readonly RunningProgram _program;
    private readonly Browser _browser;

    public AccessibilityTests(DemoProgram demo) => (_program, _browser) = (demo.Program, new(demo.Program.Address));

    public void Dispose()
    {
        _browser.Dispose();
    }

    [Fact]
    public async Task No_view_has_a_serious_violation_in_either_light()
    {
        _browser.Open("/");
        _browser.Driver.ExecuteScript("localStorage.setItem('gassel.light', 'light')");
        foreach (var (path, sign) in (await Views.OfDemo(_program)).Concat(Views.ForWriting))
        {
            _browser.Open(path);
            _browser.SeeView(sign);
            // axe must come past the page's own policy, so it is handed to the driver, not loaded by the page
            _browser.Driver.ExecuteScript(Axe);
            Look(path, "light", "{}");
            _browser.Press("Menu");
            _browser.Click(By.XPath($"//li[@role='menuitem' and {Browser.Reads("Dark colours")}]"));
            _browser.SeeNoMore(By.CssSelector("[role='menu']"));
            // colours of buttons take a moment to pass over
            _browser.Driver.ExecuteAsyncScript(
                """
                const done = arguments[0];
                requestAnimationFrame(() => requestAnimationFrame(() =>
                    Promise.allSettled(document.getAnimations().filter(a => a.effect.getComputedTiming().endTime !== Infinity)
                        .map(a => a.finished)).then(() => done())));
                """
            );
            // what changes with the light is colour alone
            Look(path, "dark", "{ runOnly: ['color-contrast'] }");
            _browser.Driver.ExecuteScript("localStorage.setItem('gassel.light', 'light')");
        }
    }

    [Fact]
    public void What_finds_anything_has_no_serious_violation()
    {
        _browser.Open("/");
        _browser.SeeTest("today");
        _browser.PressKeys("/");
        _browser.Type("find-all", "blue");
        _browser.SeeTest("found-0");
        _browser.Driver.ExecuteScript(Axe);
        Look("find", "light", "{}");
    }

    private void Look(string path, string light, string rules)
    {
        var found = (string)
            _browser.Driver.ExecuteAsyncScript(
                $$"""
                const done = arguments[arguments.length - 1];
                axe.run(document, { resultTypes: ['violations'], ...{{rules}} }).then(r => done(JSON.stringify(
                  r.violations.filter(v => ['serious',
                  'critical'].includes(v.impact)).map(v => v.id + ': ' + v.nodes.map(n => n.html + ' ' + n.failureSummary).slice(0,
                  3).join(' | ')))));
                """
            )!;
        Assert.True(JsonSerializer.Deserialize<List<string>>(found)!.Count == 0, $"{path} in {light}: {found}");
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
