using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>The main job end to end in the real program on a fresh file: site, seed, plan, treat, check, sow, count, result.</summary>
public sealed class WholeSliceTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: false);
    private readonly Browser _browser;

    public WholeSliceTests() => _browser = new(_program.Address);

    public void Dispose()
    {
        _browser.Dispose();
        _program.Dispose();
    }

    /// <summary>
    /// The tray is counted as in the daily example of the calculations (4, 17, 10, 7, 1, 1 of 50 on days 5 to 9 and 11, looked at
    /// daily to day 14), so that the figures on the page can be held against those of GNU R.
    /// </summary>
    [Fact]
    public async Task From_dry_seed_to_a_germination_result_that_agrees_with_R()
    {
        var b = _browser;
        b.NameSite();
        // the day at the site, once it has its time zone
        var today = DateOnly.Parse((await _program.Get("/api/site"))["today"]!.GetValue<string>(), null);

        b.Press("Seed & species");
        b.SeeHeading("A new lot");
        b.Choose("speciesId", "arrowleaf balsamroot");
        b.Type("gatheredAt", "south slope");
        b.Type("gatheredOn", "2 Jul 2026");
        b.Type("counted", "300");
        b.Type("expectedPercent", "70");
        b.Press("Enter the lot");
        b.SeeTest("lot-1");

        // a sowing day far enough away for the usual start to lie ahead or behind does not matter here: the target is moved to start today
        b.Click(By.CssSelector("[aria-label='plan with lot 1']"));
        b.Type("plants", "30");
        b.Type("weeks", "-30");
        b.SeeTest("plan-late");
        b.Click(By.CssSelector("[data-testid='choice-moveTarget']"));
        b.Press("Why this many seeds");
        b.SeeTest("working");
        b.Type("seeds", "50");
        b.Press("Create batch with the later date");
        b.See("B-1 arrowleaf balsamroot");

        // treat: into the cold, told as done three weeks ago, so that sowing and two weeks of counts fit before today
        b.Press("Today");
        for (var i = 0; i < 21; i++)
            b.Click(By.CssSelector("[aria-label='a day earlier']"));
        b.PressIn("due-1-1-startStep", "Started");
        b.Told("B-1");

        // check: seven days later, all well; then taken back and given again
        b.SeeTest("due-1-1-checkBag");
        for (var i = 0; i < 6; i++)
            b.Click(By.CssSelector("[aria-label='a day later']"));
        b.PressIn("due-1-1-checkBag", "All well");
        b.Told("B-1");
        b.Press("Undo");
        b.Told();
        b.SeeTest("due-1-1-checkBag");
        b.PressIn("due-1-1-checkBag", "Problem…");
        b.Press("Dripping");
        b.Press("Record");
        b.Told("B-1");

        // sow: early, on day 14 before today, from the sprouts dialog with the whole bag
        b.SeeTest("due-1-1-checkBag");
        b.Click(By.CssSelector("[aria-label='a day later']"));
        var sown = today.AddDays(-14);
        b.PressIn("due-1-1-checkBag", "Problem…");
        b.Type("sprouted", "1");
        b.Press("Whole bag sown");
        b.Press("Record");
        b.Told("1");

        // count: keys for the first, touch for the second, a file for the rest
        b.Press("Count");
        b.Click(By.CssSelector("[aria-label='count B-1 deep cells 1']"));
        b.Says("standing", "0", "50");
        // the day chosen on Rounds, that of the sowing, came along
        b.Says("sown-since", "0");
        b.DoneOn(sown.AddDays(5).ToString("d MMM yyyy", System.Globalization.CultureInfo.InvariantCulture));
        b.Says("sown-since", "5");
        b.Driver.FindElement(By.TagName("h1")).Click();
        b.PressKeys("14" + Keys.Backspace + Keys.Backspace + "4" + Keys.Enter);
        b.Says("standing", "4", "50");
        b.Click(By.CssSelector("[aria-label='a day later']"));
        b.Press("1");
        b.Press("7");
        b.Press("Record");
        b.Says("standing", "21", "50");

        var rows = new[] { (1, 0), (2, 0), (3, 0), (4, 0), (7, 10), (8, 7), (9, 1), (10, 0), (11, 1), (12, 0), (13, 0), (14, 0) };
        var file = Path.Combine(Path.GetTempPath(), $"counts-{Guid.NewGuid():N}.csv");
        await File.WriteAllTextAsync(
            file,
            "date,emerged,lost\n"
                + string.Concat(rows.Select(r => $"{sown.AddDays(r.Item1):yyyy-MM-dd},{r.Item2},0\n"))
                + $"{sown.AddDays(5):yyyy-MM-dd},9,0\n",
            TestContext.Current.CancellationToken
        );
        b.Driver.FindElement(By.CssSelector("[data-testid='counts-file']")).SendKeys(file);
        b.Says("counts-report", "12", "1");
        b.Says("counts-report", "already");
        b.Press("Record the 12 good rows");
        b.Says("counts-report", "12");
        b.Says("standing", "40", "50");
        File.Delete(file);

        // result: fraction 0.8, Wilson 0.66963..0.88756, T50 5.941176, mean 6.7 (R); one seed sprouted in the bag is among those that
        // emerged
        b.Press("What the counts say");
        b.Says("germination", "80 %");
        b.Says("germination-interval", "40", "50", "95 %", "67 %", "89 %");
        b.Says("part-fraction", "80 %");
        b.Says("part-t50", "5.9");
        b.Says("part-mean", "6.7");
        b.SeeTest("curve-line");
        b.SeeTest("curve-band");
        b.Click(By.CssSelector("[aria-label='why: these numbers']"));
        b.Says("working", "80.0 %", "6.05", "10.24");
        Assert.Equal(14, b.Driver.FindElements(By.CssSelector("[data-testid='emergence-chart'] circle")).Count);
        b.See(By.CssSelector("[data-testid='log'] [data-source='file']"));
        Assert.Empty(b.Complaints());
    }
}
