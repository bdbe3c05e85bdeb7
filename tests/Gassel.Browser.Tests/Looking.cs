using System.Text.Json;
using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>
/// What a page is looked at for: axe-core finds nothing of any impact, and no words of a drawing lie over others or over its edge.
/// </summary>
internal static class Looking
{
    /// <summary>In an axe run: only what a change of colours can change.</summary>
    public const string ColoursAlone = "{ runOnly: ['color-contrast'] }";

    private static readonly string Axe = File.ReadAllText(Repository.File("src/gassel-ui/node_modules/axe-core/axe.min.js"));

    /// <summary>Words of a drawing that lie over others or outside it; how wide they are drawn is left to the browser.</summary>
    private const string Drawings = """
        const found = [];
        for (const svg of document.querySelectorAll('svg[role=img]')) {
          const name = svg.dataset.testid ?? svg.getAttribute('aria-label').slice(0, 40);
          const edge = svg.getBoundingClientRect();
          const words = [...svg.querySelectorAll('text')].filter(e => e.textContent.trim()).map(e => {
            const style = getComputedStyle(e), box = e.getBoundingClientRect();
            const halo = style.stroke === 'none' ? 0 : parseFloat(style.strokeWidth) * (edge.width / svg.viewBox.baseVal.width || 1) / 2;
            return { says: e.textContent.trim(), left: box.left + halo, right: box.right - halo, top: box.top + halo,
              bottom: box.bottom - halo };
          });
          words.forEach((a, i) => {
            if (a.left < edge.left - 1 || a.right > edge.right + 1 || a.top < edge.top - 2 || a.bottom > edge.bottom + 2)
              found.push(`${name}: '${a.says}' over the edge`);
            for (const b of words.slice(i + 1))
              if (Math.min(a.right, b.right) - Math.max(a.left, b.left) > 1 && Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 3)
                found.push(`${name}: '${a.says}' over '${b.says}'`);
          });
        }
        return JSON.stringify(found);
        """;

    /// <summary>Nothing is wrong with the page as it is now.</summary>
    public static void At(Browser browser, string what, string rules = "{}") => Assert.Empty(Faults(browser, what, rules));

    /// <summary>What is wrong with the page as it is now.</summary>
    public static IEnumerable<string> Faults(Browser browser, string what, string rules = "{}")
    {
        // axe must come past the page's own policy, so it is handed to the driver, not loaded by the page
        browser.Driver.ExecuteScript(Axe);
        var found = (string)
            browser.Driver.ExecuteAsyncScript(
                $$"""
                const done = arguments[arguments.length - 1];
                axe.run(document, { resultTypes: ['violations'], ...{{rules}} }).then(r => done(JSON.stringify(
                  r.violations.map(v => v.id + ': ' + v.nodes.map(n => n.html + ' ' + n.failureSummary).slice(0, 3).join(' | ')))));
                """
            )!;
        var drawn = (string)browser.Driver.ExecuteScript(Drawings)!;
        return new[] { found, drawn }
            .SelectMany(json => JsonSerializer.Deserialize<List<string>>(json)!)
            .Select(fault => $"{what}: {fault}");
    }

    /// <summary>Turns the page to the other light, as its menu does, and waits until the colours have passed over.</summary>
    public static void Darken(Browser browser)
    {
        browser.Press("Menu");
        browser.Click(By.XPath($"//li[@role='menuitem' and {Browser.Reads("Dark colours")}]"));
        browser.SeeNoMore(By.CssSelector("[role='menu']"));
        browser.Driver.ExecuteAsyncScript(
            """
            const done = arguments[0];
            requestAnimationFrame(() => requestAnimationFrame(() =>
                Promise.allSettled(document.getAnimations().filter(a => a.effect.getComputedTiming().endTime !== Infinity)
                    .map(a => a.finished)).then(() => done())));
            """
        );
    }

    /// <summary>The light that pages opened from now on have.</summary>
    public static void SetLight(Browser browser, string light) =>
        browser.Driver.ExecuteScript("localStorage.setItem('gassel.light', arguments[0])", light);
}
