using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>The bench views on a phone: nothing runs over the edge, and nothing to be touched is too small for a cold thumb.</summary>
public sealed class PhoneTests : IClassFixture<DemoProgram>, IDisposable
{
    private readonly RunningProgram _program;
    private readonly Browser _browser;

    public PhoneTests(DemoProgram demo) => (_program, _browser) = (demo.Program, new(demo.Program.Address, 390, 844));

    public void Dispose()
    {
        _browser.Dispose();
    }

    [Fact]
    public async Task Rounds_count_and_batch_fit_and_are_touchable()
    {
        foreach (
            var (path, sign) in (await Views.OfDemo(_program)).Where(v =>
                v.Path == "/"
                || v.Path.StartsWith("/count", StringComparison.Ordinal)
                || v.Path.StartsWith("/yard", StringComparison.Ordinal)
                || v.Path.StartsWith("/batches/", StringComparison.Ordinal)
            )
        )
        {
            _browser.Open(path);
            _browser.SeeView(sign);
            var width = Convert.ToInt32(_browser.Driver.ExecuteScript("return document.documentElement.scrollWidth"), null);
            Assert.True(width <= 390, $"{path} is {width} px wide");
            var small = (string)
                _browser.Driver.ExecuteScript(
                    """
                    return [...document.querySelectorAll('main button, nav a')].filter(e => e.offsetParent).map(e => [e.textContent,
                    e.getBoundingClientRect()])
                      .filter(([t, r]) => r.height < 47.5).map(([t,
                      r]) => t + ' ' + Math.round(r.width) + 'x' + Math.round(r.height)).join(', ');
                    """
                )!;
            Assert.True(small.Length == 0, $"{path}: too small: {small}");
        }
    }

    [Fact]
    public void A_bag_is_checked_and_the_sowing_counted_by_touch()
    {
        _browser.Open("/");
        // the place is the first touch
        _browser.Click(By.CssSelector("[data-testid='at-warm-shelf']"));
        _browser.PressIn("due-9-1-checkBag", "All well");
        _browser.Told("B-9");
        _browser.SeeNoMore(By.CssSelector("[data-testid='due-9-1-checkBag']"));
        _browser.Press("All places");
        _browser.Click(By.CssSelector("[data-testid='at-lamp-shelf']"));
        _browser.PressIn("due-7-1-countSeedlings", "Count");
        _browser.Press("7");
        _browser.Press("Record");
        _browser.Says("standing", "95", "300");
    }
}
