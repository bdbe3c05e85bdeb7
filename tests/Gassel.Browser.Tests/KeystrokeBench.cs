using System.Globalization;
using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>From a key to the number it changes on the Plan page, as painted; run by './gassel bench' alone.</summary>
public sealed class KeystrokeBench
{
    /// <summary>Notes when a key went down and when the answer was next painted.</summary>
    private const string Watch = """
        window.took = [];
        let down = 0;
        document.querySelector("input[name='plants']").addEventListener("keydown", () => { down = performance.now(); }, true);
        new MutationObserver(() => {
          const from = down;
          if (from > 0) requestAnimationFrame(() => window.took.push(performance.now() - from));
          down = 0;
        }).observe(document.querySelector("[data-testid='plan-seeds']"), { childList: true, characterData: true, subtree: true });
        """;

    [Fact(Explicit = true)]
    [Trait("kind", "bench")]
    public void Plan_answers_a_keystroke()
    {
        using var program = new RunningProgram(demo: true);
        using var b = new Browser(program.Address);
        b.Open("/plan?species=globemallow");
        b.SeeTest("plan-seeds");
        b.Driver.ExecuteScript(Watch);
        var field = b.See(By.CssSelector("input[name='plants']"));
        for (var i = 0; i < 60; i++)
        {
            field.SendKeys(Keys.Backspace);
            Thread.Sleep(200);
            field.SendKeys(((i % 9) + 1).ToString(CultureInfo.InvariantCulture));
            Thread.Sleep(200);
        }
        var took = ((IEnumerable<object>)b.Driver.ExecuteScript("return window.took")!)
            .Select(t => Convert.ToDouble(t, CultureInfo.InvariantCulture))
            .Skip(10)
            .Order()
            .ToList();
        Assert.True(took.Count > 60, $"only {took.Count} keystrokes were answered");
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"Plan page, key to painted answer: p50 {took[took.Count / 2]:0} ms, p95 "
                    + $"{took[(int)(took.Count * 0.95)]:0} ms over {took.Count} keystrokes (aim p95 under 100 ms)"
            )
        );
    }
}
