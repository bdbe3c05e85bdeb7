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
        b.Says("due-10-1-lookForSwelling", "09:40");
        // the first look was yesterday evening already
        b.PressKeys("[");
        b.Says("done-day", "Sat 13 Mar");
        b.PressIn("due-10-1-lookForSwelling", "Looked…");
        b.Type("swollen", "61");
        b.Refused("0", "60");
        b.Type("swollen", "42");
        b.Says("swelling-follows", "42", "18");
        b.Press("Record");
        b.Unfold("due-10-1.1-startStep");
        b.Says("due-10-1.1-startStep", "42", "60", "1", "13 Mar");
        b.Unfold("due-10-1.2-scarifyAgain");
        b.Says("due-10-1.2-scarifyAgain", "1", "42", "60", "13", "18");
        b.PressIn("due-10-1.2-scarifyAgain", "Scarified");
        b.PressIn("due-10-1.2-startStep", "Started");
        b.Says("due-10-1.2-lookForSwelling", DueKind.LookForSwelling.Title());
        b.PressKeys("]");
        b.Says("done-day", "Sun 14 Mar");
        b.PressIn("due-10-1.2-lookForSwelling", "Looked…");
        b.Type("swollen", "3");
        b.Press("Record");
        b.Unfold("due-10-1.2.2-scarifyAgain");
        b.Says("due-10-1.2.2-scarifyAgain", "2", "3", "18");
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
        b.SeeHeading("Sheet for Sun 14 Mar");
        b.Click(By.XPath($"//*[@aria-label='Cold shelf']//button[{Browser.Reads("Tick all bags")}]"));
        b.Click(By.CssSelector("[aria-label='problem: B-44 saskatoon']"));
        b.Click(By.XPath($"//*[@aria-label='moisture of B-44 saskatoon']//button[{Browser.Reads("Dry")}]"));
        b.Click(By.CssSelector("[aria-label='problem: B-46 saskatoon']"));
        b.Type("sprouted-46-1-checkBag", "3");
        b.Click(By.XPath("//button[starts-with(normalize-space(.), 'Record 1')]"));
        b.Told();
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
        b.SeeHeading("B-8 roundleaf alumroot: sown today");
        b.PressKeys(Keys.Escape);
        b.SeeNoMore(By.CssSelector("[role='dialog']"));
        b.PressKeys(Keys.Enter);
        b.Told("B-8 roundleaf alumroot");
        b.SeeNoMore(By.CssSelector("[data-testid='due-8-1-sow']"));
    }

    [Fact]
    public void The_sheet_prints_on_one_page()
    {
        _browser.Open("/sheet");
        _browser.SeeHeading("Sheet for Sun 14 Mar");
        var pdf = System.Text.Encoding.Latin1.GetString(_browser.Print());
        Assert.Single(System.Text.RegularExpressions.Regex.Matches(pdf, @"/Type\s*/Page[^s]"));
    }

    [Fact]
    public void Toxic_seed_is_offered_no_soak_and_its_caution_is_read_once()
    {
        var b = _browser;
        b.Open("/sheet");
        b.InState("line-15-1-startStep", "unread");
        b.Open("/");
        b.Says("due-15-1-startStep", "soak", "rinse");
        b.PressIn("due-15-1-startStep", "Started");
        b.SeeHeading("B-15 goldenbanner: read this first");
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
