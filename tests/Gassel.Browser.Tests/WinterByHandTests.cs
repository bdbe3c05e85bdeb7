using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>
/// An empty book from its first page through a winter by hand, dated back: indoors and in a jug, to a judged germination. Nothing of the
/// demo.
/// </summary>
public sealed class WinterByHandTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: false);
    private readonly Browser _browser;

    public WinterByHandTests() => _browser = new(_program.Address);

    public void Dispose()
    {
        _browser.Dispose();
        _program.Dispose();
    }

    private static string Written(DateOnly day) => day.ToString("d MMM yyyy", System.Globalization.CultureInfo.InvariantCulture);

    [Fact]
    public async Task A_winter_is_written_down_after_it_was()
    {
        var b = _browser;
        b.NameSite();
        var today = DateOnly.Parse((await _program.Get("/api/site"))["today"]!.GetValue<string>(), null);
        DateOnly Ago(int days) => today.AddDays(-days);

        // a packet: what stands on it is asked, not where it grew
        b.Press("Seed & species");
        b.SeeHeading("A new lot");
        b.Choose("speciesId", "prairie smoke");
        b.SeeTest("lot-missing");
        b.Choose("source", "Bought, cleaned");
        b.Type("packedFor", $"{today.Year}");
        b.Type("printedPercent", "85");
        b.Type("price", "4.5");
        b.Type("counted", "400");
        Shot("seed");
        b.Press("Enter the lot");
        b.SeeTest("lot-1");

        // a plan is made, changed, discarded, and its seed is back
        b.Click(By.CssSelector("[aria-label='plan with lot 1']"));
        b.Type("plants", "40");
        b.Choose("target", "start today");
        b.SeeTest("confirm-plan");
        b.Type("seeds", "100");
        b.Click(By.CssSelector("[data-testid='confirm-plan']"));
        b.See("B-1 prairie smoke");
        b.Press("Change plan");
        b.Type("batchName", "meadow edge");
        b.Press("Change B-1");
        b.See("B-1 prairie smoke, meadow edge");
        // only the name was changed: the day and the seed stay
        var renamed = (await _program.Get($"/api/batches/{await IdOf(1)}"))["plan"]!;
        Assert.Equal(
            (100, "start", today.ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture)),
            (
                renamed["seeds"]!.GetValue<int>(),
                renamed["anchor"]!["event"]!.GetValue<string>(),
                renamed["anchor"]!["date"]!.GetValue<string>()
            )
        );
        b.Press("Discard");
        b.SeeNoMore(By.XPath($"//button[{Browser.Reads("Discard")}]"));
        Assert.Equal(400, (await _program.Get("/api/lots"))[0]!["seedsLeft"]!.GetValue<int>());

        // indoors: into the cold 120 days ago, written as a day, sprouts seen and not sown at once
        await Made("prairie-smoke", 1, 60, "cold-moist");
        b.Open("/");
        b.DoneOn(Written(Ago(120)));
        b.Says("done-day", Ago(120).ToString("d MMM", System.Globalization.CultureInfo.InvariantCulture));
        b.PressIn("due-2-1-startStep", "Started");
        b.Told("B-2");
        b.SeeTest("done-on-bar");
        b.DoneOn(Written(Ago(100)));
        b.PressIn("due-2-1-checkBag", "Problem…");
        b.Type("sprouted", "3");
        Assert.False(b.See(By.XPath($"//button[{Browser.Reads("Record")}]")).Enabled);
        Shot("sprouts");
        b.Press("Not sown yet");
        b.Press("Record");
        b.SeeTest("due-2-1-sow");
        b.Unfold("due-2-1-sow");
        b.Says("due-2-1-sow", "20", "42", "3");
        Shot("sow-due");
        b.DoneOn(Written(Ago(98)));
        b.PressIn("due-2-1-sow", "Sown");
        b.Says("told", "sown");

        // counted by hand on its days: a nought first, so that the times are honest
        foreach (var (ago, up) in new[] { (92, 0), (88, 9), (84, 14), (78, 6), (60, 0) })
            await Count(2, ago, up);
        await OpenBatch(2);
        b.Says("germination", "48 %");
        b.Says("part-t50", "days");
        b.SeeTest("emergence-chart");
        Shot("batch");
        b.Press("Why so few?");
        b.SeeTest("verdict");
        Shot("causes");

        // in a jug: set out 150 days ago on the chosen day, straw and all, from Yard
        await Made("prairie-smoke", 1, 50, "winter");
        b.Open("/");
        b.DoneOn(Written(Ago(150)));
        b.Press("Make ready");
        b.SeeHeading($"make ready and set out, {Ago(150):ddd d MMM}");
        Shot("prepare");
        // the plan spread it over three; this time one will do
        b.Type("containers", "1");
        foreach (var step in b.Driver.FindElements(By.CssSelector("[role='dialog'] input[type='checkbox'][aria-label]")))
            b.Driver.ExecuteScript("arguments[0].click()", step);
        b.Press("Set out");
        b.SeeTest("told");
        Assert.Equal(
            Ago(150),
            DateOnly.Parse(
                (await _program.Get("/api/yard"))["spots"]!.AsArray().SelectMany(s => s!["containers"]!.AsArray()).Single()![
                    "setOutOn"
                ]!.GetValue<string>(),
                null
            )
        );
        Shot("yard");
        await Count(3, 30, 12);
        await OpenBatch(3);
        b.Says("germination", "24 %");
        // the first count found them: no time is guessed
        b.Says("part-t50", "120");
        Shot("jug");
        Assert.Empty(b.Complaints());

        async Task Count(int number, int ago, int up)
        {
            var id = await IdOf(number);
            var part = (await _program.Get($"/api/batches/{id}"))["parts"]![0]!["state"]!["id"]!.GetValue<string>();
            b.Open($"/count/{id}/{part}");
            b.DoneOn(Written(Ago(ago)));
            b.Says("done-on-bar", Ago(ago).ToString("d MMM", System.Globalization.CultureInfo.InvariantCulture));
            b.Driver.FindElement(By.TagName("h1")).Click();
            b.PressKeys($"{up}" + Keys.Enter);
            b.SeeTest("told");
        }

        async Task OpenBatch(int number) => b.Open($"/batches/{await IdOf(number)}");

        async Task<Guid> IdOf(int number) =>
            (await _program.Get("/api/batches")).AsArray().Single(x => x!["number"]!.GetValue<int>() == number)!["id"]!.GetValue<Guid>();

        // through the plan's own page: species, route, day, number
        async Task Made(string species, int lot, int seeds, string route)
        {
            var routes = (await _program.Get("/api/species")).AsArray().Single(s => s!["species"]!["id"]!.GetValue<string>() == species)![
                "species"
            ]!["routes"]!.AsArray();
            var wanted = routes.First(r =>
                route == "winter"
                    ? r!["setting"]!.GetValue<string>() == "winterContainer"
                    : r!["setting"]!.GetValue<string>() == "indoors"
                        && r["steps"]!.AsArray().Any(s => s!["kind"]!.GetValue<string>() == "coldMoist")
            );
            b.Open($"/plan?species={species}&lot={lot}&route={wanted!["id"]}");
            b.Choose("target", "start today");
            b.SeeTest("confirm-plan");
            b.Type("seeds", $"{seeds}");
            b.Click(By.CssSelector("[data-testid='confirm-plan']"));
            b.See(By.XPath($"//a[{Browser.Reads("Change plan")}]"));
        }
    }

    /// <summary>A picture of what stands there, where a folder for them is named.</summary>
    private void Shot(string name)
    {
        if (Environment.GetEnvironmentVariable("GASSEL_SHOTS") is not { } folder)
            return;
        Thread.Sleep(700);
        _browser.Driver.GetScreenshot().SaveAsFile(Path.Combine(folder, $"{name}.png"));
    }
}
