using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>The whole winter on one page: another start tried, a late batch put right, a winter told, a calendar made.</summary>
public sealed class SeasonTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: true);
    private readonly Browser _browser;

    public SeasonTests() => _browser = new(_program.Address);

    public void Dispose()
    {
        _browser.Dispose();
        _program.Dispose();
    }

    [Fact]
    public void A_grower_sees_what_is_late_and_crowded_and_tries_another_start()
    {
        var b = _browser;
        b.Open("/season");
        b.Says("season-standing", "40");
        b.Says("crowded-lampShelf", "21", "still in its window");
        b.Click(By.CssSelector("[data-testid='row-5']"));
        b.Says("what-if", "B-5 streambank globemallow");
        b.Type("startOn", "8 Apr 2027");
        b.Says("what-if", "after");
        b.Type("startOn", "1 Mar 2027");
        b.Refused("today");
        b.Press("Only late");
        b.SeeNoMore(By.CssSelector("[data-testid='row-22']"));
        b.SeeTest("row-5");
        b.Press("Only late");
        b.Choose("place", "Not begun");
        b.SeeTest("row-11");
        b.SeeNoMore(By.CssSelector("[data-testid='row-4']"));
        b.Choose("place", "Every place");
        b.Choose("span", "Everything, all winters");
        b.SeeTest("row-19");
        var pdf = System.Text.Encoding.Latin1.GetString(b.Print());
        // the picture on one page, the days that it draws as a list on two more
        Assert.Equal(3, System.Text.RegularExpressions.Regex.Count(pdf, @"/Type\s*/Page[^s]"));
        Assert.All(b.Complaints(), c => Assert.Contains("what-if", c));
    }

    [Fact]
    public void A_batch_that_runs_late_offers_its_ways_and_one_is_taken()
    {
        var b = _browser;
        b.Open("/season");
        b.Click(By.CssSelector("[data-testid='row-5']"));
        b.Press("Open the batch");
        b.SeeTest("way-moveTarget");
        b.PressIn("way-moveTarget", "Use this");
        b.SeeNoMore(By.CssSelector("[data-testid='way-moveTarget']"));
        b.Says("log", "Replanned:");
        Assert.Empty(b.Complaints());
    }

    /// <summary>Started late, seen to be late, divided at the bench, and in the calendar with both its parts.</summary>
    [Fact]
    public async Task A_late_start_shows_what_changed_and_a_split_stands_in_the_calendar()
    {
        var b = _browser;
        b.Open("/season");
        b.Click(By.CssSelector("[data-testid='row-12']"));
        b.Press("Open the batch");
        b.Says("follows-1", "Sow");
        // sprouts found: two are picked out and sown, the rest stays in the cold
        b.Open("/");
        b.OneByOne("cold-shelf");
        b.PressIn("due-12-1-checkBag", "Problem…");
        b.Type("sprouted", "2");
        b.Press("Picked out and sown");
        b.Press("Record");
        b.Told("2");
        b.Open("/season");
        b.Says("row-12", "2");
        b.Click(By.CssSelector("[data-testid='row-12']"));
        b.Press("Open the batch");
        b.Says("follows-1.1", "earlier");
        b.Says("follows-1.2", "Sow");
        b.Open("/season");
        b.Press("Make a feed");
        var feed = b.SeeTest("feed-address").Text;
        var calendar = await _program.Http.GetStringAsync(new Uri(feed), TestContext.Current.CancellationToken);
        Assert.Contains("B-12 arrowleaf balsamroot part 1.1: pot on", calendar.Replace("\r\n ", "", StringComparison.Ordinal));
        Assert.Contains("B-12 arrowleaf balsamroot part 1.2: sow", calendar.Replace("\r\n ", "", StringComparison.Ordinal));
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task Five_hundred_batches_stay_usable()
    {
        await _program.Send(
            "/api/lots",
            """{"speciesId":"saskatoon","lot":{"gatheredAt":"far field","gatheredOn":"2026-07-01","counted":100000}}"""
        );
        var lines = string.Join(
            ',',
            Enumerable
                .Range(0, 476)
                .Select(i =>
                    $$"""
                        {"species":"saskatoon","lot":"far field","step":"cold-moist",
                        "since":"{{new DateOnly(2026, 11, 1).AddDays(i % 120):yyyy-MM-dd}}","seeds":"60","place":""}
                        """
                )
        );
        await _program.Send("/api/told", $$"""{"save":true,"who":"grower","lines":[{{lines}}]}""");
        var b = _browser;
        b.Open("/season");
        b.Says("season-standing", "516");
        b.Click(By.CssSelector("[data-testid='row-500']"));
        b.Says("what-if", "B-500 saskatoon");
        b.Choose("species", "Arrowleaf balsamroot");
        b.SeeNoMore(By.CssSelector("[data-testid='row-500']"));
        b.SeeTest("row-11");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public void A_winter_under_way_is_pasted_asked_about_and_entered()
    {
        var b = _browser;
        b.Open("/batches/told");
        var cell = b.See(By.CssSelector("input[name='species-1']"));
        // as a spreadsheet puts it on the clipboard
        b.Driver.ExecuteScript(
            """
            const data = new DataTransfer();
            data.setData("text",
            "smal camas\t11\tcold-moist\t12 Jan 2027\t40\n"
                + "saskatoon\t\tcold-moist\t2027-02-03\t60\tCold shelf\n"
                + "saskatoon\t\tcold-moist\t2027-02-30\t60\n");
            arguments[0].dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }));
            """,
            cell
        );
        b.Press("Check 3 lines");
        b.Says("verdict-1", "smal camas");
        b.Says("verdict-2", "saskatoon", "lot 13", StepKind.ColdMoist.Words());
        b.InState("verdict-3", "refused");
        b.PressIn("verdict-1", "small camas");
        b.Says("verdict-1", "12 Jan", "40", "Cold shelf");
        b.Press("Enter 2 good lines");
        b.Says("told-report", "2");
        b.Type("since-1", "3 Feb");
        b.Press("Check 1 line");
        b.Press("Enter 1 good line");
        b.Says("season-standing", "43");
        b.Open("/batches");
        b.Click(By.XPath("//a[contains(., 'B-44 small camas')]"));
        b.SeeTest("stands-1");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public void A_calendar_feed_is_made_and_taken_back()
    {
        var b = _browser;
        b.Open("/season");
        b.Press("Make a feed");
        b.Says("feed-address", "/calendar/");
        b.Press("Withdraw the feed");
        b.SeeNoMore(By.CssSelector("[data-testid='feed-address']"));
        b.See(By.XPath($"//button[{Browser.Reads("Make a feed")}]"));
        Assert.Empty(b.Complaints());
    }
}
