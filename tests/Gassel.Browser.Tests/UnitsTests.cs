using System.Text.RegularExpressions;

namespace Gassel.Browser.Tests;

/// <summary>Every view of the demo with every "why" opened, in both systems: nothing stands in the units of the other.</summary>
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
            // paper has the size it has, and a file's column the unit it was written in
            if (path.StartsWith("/labels", StringComparison.Ordinal) || path.EndsWith("/import", StringComparison.Ordinal))
                continue;
            _browser.Open(path);
            _browser.See(sign);
            var text = (string)
                _browser.Driver.ExecuteScript(
                    """
                    document.querySelectorAll("main button[aria-expanded='false']").forEach((button) => button.click());
                    return document.querySelector("main").innerText + " " +
                      [...document.querySelectorAll("main [aria-label], main title")]
                        .map((e) => e.getAttribute("aria-label") ?? e.textContent).join(" ");
                    """
                )!;
            found.AddRange(other.Matches(text.Replace('\u00a0', ' ')).Select(m => $"{path}: …{Around(text, m.Index)}…"));
        }
        Assert.True(found.Count == 0, string.Join('\n', found.Distinct().Take(60)));
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
