using System.Text.RegularExpressions;
using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>
/// Every view of the demo with every "why" opened, and each kind of dialog of Rounds, in both systems: nothing stands in the units
/// of the other.
/// </summary>
public sealed partial class UnitsTests : IClassFixture<DemoProgram>, IDisposable
{
    private readonly RunningProgram _program;
    private readonly Browser _browser;

    public UnitsTests(DemoProgram demo) => (_program, _browser) = (demo.Program, new(demo.Program.Address));

    public void Dispose() => _browser.Dispose();

    [Fact]
    public async Task No_view_speaks_the_units_of_the_other_system()
    {
        await Speak("unitedStates");
        await Look(MetricAmount());
        await Speak("metric");
        await Look(CustomaryAmount());
    }

    /// <summary>Looks at every view, and tells all that was found at once.</summary>
    private async Task Look(Regex other)
    {
        var found = new List<string>();
        foreach (var (path, sign) in (await Views.OfDemo(_program)).Concat(Views.ForWriting))
        {
            _browser.Open(path);
            _browser.SeeView(sign);
            var text = (string)
                _browser.Driver.ExecuteScript(
                    """
                    document.querySelectorAll("main button[aria-expanded='false']").forEach((button) => button.click());
                    return document.querySelector("main").innerText + " " +
                      [...document.querySelectorAll("main [aria-label], main title")]
                        .map((e) => e.getAttribute("aria-label") ?? e.textContent).join(" ");
                    """
                )!;
            Find(text, path);
        }
        foreach (var (words, text) in Dialogs())
            Find(text, words);
        Assert.True(found.Count == 0, string.Join('\n', found.Distinct().Take(60)));

        void Find(string text, string at) =>
            found.AddRange(other.Matches(text.Replace('\u00a0', ' ')).Select(m => $"{at}: …{Around(text, m.Index)}…"));
    }

    /// <summary>What each dialog of Rounds says, one for every job that has one.</summary>
    private List<(string Words, string Text)> Dialogs()
    {
        var seen = new List<(string, string)>();
        _browser.Open("/");
        _browser.SeeTest("done-day");
        var ids = (
            (System.Collections.ObjectModel.ReadOnlyCollection<object>)
                _browser.Driver.ExecuteScript(
                    "return [...document.querySelectorAll(\"[data-testid^='due-']\")].map((e) => e.dataset.testid)"
                )!
        ).Cast<string>();
        foreach (var id in ids.GroupBy(i => i.Split('-')[^1]).Select(g => g.First()))
        {
            var opens = _browser.Driver.FindElements(By.XPath($"//*[@data-testid='{id}']//button[contains(., '…')]"));
            if (opens.Count == 0)
                continue;
            _browser.Click(By.XPath($"//*[@data-testid='{id}']//button[contains(., '…')]"));
            seen.Add((id, _browser.See(By.CssSelector("[role='dialog']")).Text));
            _browser.PressKeys(Keys.Escape);
            _browser.SeeNoMore(By.CssSelector("[role='dialog']"));
        }
        Assert.True(seen.Count >= 5, $"{seen.Count} dialogs");
        return seen;
    }

    private static string Around(string text, int at) => text[Math.Max(0, at - 30)..Math.Min(text.Length, at + 30)].ReplaceLineEndings(" ");

    private async Task Speak(string units)
    {
        var site = await _program.Get("/api/site");
        var body = site["site"]!.DeepClone().AsObject();
        body["settings"] = site["settings"]!.DeepClone();
        body["settings"]!["units"] = units;
        using var content = new StringContent(body.ToJsonString(), System.Text.Encoding.UTF8, "application/json");
        using var answer = await _program.Http.PutAsync("/api/site?asOf=*", content);
        Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
    }

    [GeneratedRegex(@"[\d–−] ?(°C|K|mm|cm|km/h|ml|l|kg|m²)(?![\w/·])")]
    private static partial Regex MetricAmount();

    [GeneratedRegex(@"[\d–−] ?(°F|in(?=[.,;:)]| (wide|deep|apart|of|above|left))|mph|gal|qt|fl oz|lb|sq ft|ft)(?![\w/·])")]
    private static partial Regex CustomaryAmount();
}
