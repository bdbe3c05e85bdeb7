using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>The weeks between dry seed and sowing: soaked in cycles, many bags in one pass, toxic seed read about first.</summary>
public sealed class TreatTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: true);
    private readonly Browser _browser;

    public TreatTests() => _browser = new(_program.Address);

    public void Dispose()
    {
        _browser.Dispose();
        _program.Dispose();
    }

    [Fact]
    public async Task Seed_is_soaked_in_two_cycles_and_parted_by_what_took_water()
    {
        var b = _browser;
        b.Open("/");
        // soaked at 08:40; 24 hours later the clocks show an hour more, for they went forward that night
        b.Says("due-10-1-lookForSwelling", "min, at 09:40");
        // the first look was yesterday evening already
        b.PressKeys("[");
        b.Says("done-day", "yesterday, Sat 13 Mar");
        b.PressIn("due-10-1-lookForSwelling", "Looked…");
        b.Type("swollen", "61");
        b.See("Valid is a whole number from 0 to 60.");
        b.Type("swollen", "42");
        b.Says("swelling-follows", "42 swollen seeds go on today or tomorrow. 18 seeds took no water and are ready for another cycle.");
        b.Press("Record");
        b.Says("due-10-1.1-startStep", "42 of 60 swollen after 1 cycle since 13 Mar");
        b.Says("due-10-1.2-scarifyAgain", "In cycle 1, 42 of 60 swelled; another cycle may swell about 13 of the 18 left: worth doing.");
        b.PressIn("due-10-1.2-scarifyAgain", "Scarified");
        b.PressIn("due-10-1.2-startStep", "Started");
        b.Says("due-10-1.2-lookForSwelling", "how many have swollen, today");
        b.PressKeys("]");
        b.Says("done-day", "today, Sun 14 Mar");
        b.PressIn("due-10-1.2-lookForSwelling", "Looked…");
        b.Type("swollen", "3");
        b.Press("Record");
        b.Says("due-10-1.2.2-scarifyAgain", "In cycle 2, 3 of 18 swelled");
        var batch = (await _program.Get("/api/batches")).AsArray().Single(x => x!["number"]!.GetValue<int>() == 10)![
            "id"
        ]!.GetValue<string>();
        var parts = (await _program.Get($"/api/batches/{batch}"))["parts"]!
            .AsArray()
            .Select(p => p!["state"]!)
            .Where(p => !p["divided"]!.GetValue<bool>());
        Assert.Equal(
            [("1.1", 42), ("1.2.1", 3), ("1.2.2", 15)],
            parts.Select(p => (p["id"]!.GetValue<string>(), p["seeds"]!.GetValue<int>())).Order()
        );
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task Ten_bags_are_entered_in_one_pass_with_two_exceptions_and_taken_back_as_one()
    {
        var b = _browser;
        const string line = """{"species":"saskatoon","lot":"","step":"cold-moist","since":"2027-02-20","seeds":"60","place":""}""";
        await _program.Send("/api/told", $$"""{"save":true,"who":"grower","lines":[{{string.Join(',', Enumerable.Repeat(line, 10))}}]}""");
        b.Open("/sheet");
        b.See("Sheet for Sun 14 Mar");
        b.Click(By.XPath($"//*[@aria-label='Cold shelf']//button[{Browser.Reads("Tick all bags")}]"));
        b.Click(By.CssSelector("[aria-label='problem: B-44 saskatoon']"));
        b.Click(By.XPath($"//*[@aria-label='moisture of B-44 saskatoon']//button[{Browser.Reads("Dry")}]"));
        b.Click(By.CssSelector("[aria-label='problem: B-46 saskatoon']"));
        b.Type("sprouted-46-1-checkBag", "3");
        b.Click(By.XPath("//button[starts-with(normalize-space(.), 'Record 1')]"));
        b.See("recorded, done");
        b.SeeNoMore(By.CssSelector("[data-testid='line-44-1-checkBag']"));
        b.SeeNoMore(By.CssSelector("[data-testid='line-52-1-checkBag']"));
        var batches = (await _program.Get("/api/batches")).AsArray().Where(x => x!["number"]!.GetValue<int>() > 43).ToList();
        var acts = new List<string>();
        foreach (var batch in batches)
        {
            var log = (await _program.Get($"/api/batches/{batch!["id"]}"))["log"]!.AsArray();
            var words = log.Skip(1).Select(l => l!["words"]!.GetValue<string>()).ToList();
            acts.AddRange(log.Skip(1).Select(l => l!["act"]!.GetValue<string>()));
            Assert.StartsWith(
                batch["number"]!.GetValue<int>() == 44 ? "Checked: dry, no mould, no sprouts; wetted" : "Checked: moist",
                words[0]
            );
            Assert.Equal(batch["number"]!.GetValue<int>() == 46 ? 3 : 1, words.Count);
        }
        Assert.Single(acts.Distinct());
        b.Press("Undo");
        b.SeeTest("line-44-1-checkBag");
        b.SeeTest("line-45-1-checkBag");
    }

    [Fact]
    public void Rounds_are_done_by_keys_alone()
    {
        var b = _browser;
        b.Open("/");
        b.SeeTest("due-8-1-sow");
        b.PressKeys(Keys.ArrowDown + Keys.ArrowDown + Keys.ArrowDown);
        b.PressKeys("o");
        b.See("B-8 roundleaf alumroot: sown today");
        b.PressKeys(Keys.Escape);
        b.SeeNoMore(By.CssSelector("[role='dialog']"));
        b.PressKeys(Keys.Enter);
        b.See("B-8 roundleaf alumroot: sown");
        b.SeeNoMore(By.CssSelector("[data-testid='due-8-1-sow']"));
    }

    [Fact]
    public void The_sheet_prints_on_one_page()
    {
        _browser.Open("/sheet");
        _browser.See("Sheet for Sun 14 Mar");
        var pdf = System.Text.Encoding.Latin1.GetString(_browser.Print());
        Assert.Single(System.Text.RegularExpressions.Regex.Matches(pdf, @"/Type\s*/Page[^s]"));
    }

    [Fact]
    public void Toxic_seed_is_offered_no_soak_and_its_caution_is_read_once()
    {
        var b = _browser;
        b.Open("/sheet");
        b.Says("line-15-1-startStep", "read its caution first, on Rounds");
        b.Open("/");
        b.Says("due-15-1-startStep", "no soak, rinse or shared water");
        b.PressIn("due-15-1-startStep", "Started");
        b.See("B-15 goldenbanner: read this first");
        b.Press("Read, and done so");
        b.SeeNoMore(By.CssSelector("[role='dialog']"));
        // in moist medium, never in water: the next step is no soak
        b.Says("due-15-1-startStep", "imbibe");
        b.PressIn("due-15-1-startStep", "Started");
        b.SeeNoMore(By.CssSelector("[data-testid='due-15-1-startStep']"));
        // where a soak stands in a route it is written so; in this one it does not stand
        var soak = By.XPath("//h4[normalize-space(.)='soak']");
        b.Open("/species/globemallow");
        b.See(soak);
        b.Open("/species/goldenbanner");
        b.See("Toxic");
        Assert.Empty(b.Driver.FindElements(soak));
    }
}
