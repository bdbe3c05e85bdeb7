using System.Globalization;
using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>An empty book on a phone: places of one's own, and what happens between sowing and planting.</summary>
public sealed class BenchTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: false);
    private readonly Browser _browser;

    public BenchTests()
    {
        _browser = new(_program.Address, 390, 844);
        _browser.NameSite();
    }

    public void Dispose()
    {
        _browser.Dispose();
        _program.Dispose();
    }

    private static string Days(int before) => DateTime.Today.AddDays(-before).ToString("d MMM yyyy", CultureInfo.InvariantCulture);

    /// <summary>A tray of forty seeds sown three weeks ago at a place.</summary>
    private void Sown(string place, string cells = "")
    {
        var b = _browser;
        b.Open("/batches/told");
        b.Type("species-1", "alumroot");
        b.Type("step-1", "sown");
        b.Type("since-1", Days(21));
        b.Type("seeds-1", "40");
        b.Type("vessel-1", "tray");
        b.Type("place-1", place);
        if (cells.Length > 0)
            b.Type("cells-1", cells);
        b.Press("Check 1 line");
        b.Says("verdict-1", "40", VesselKind.Tray.Words());
        b.Says("verdict-1", place);
        b.Press("Enter 1 good line");
        b.SeeNoMore(By.CssSelector("[data-testid='told-report']"));
    }

    private void AddPlace(string kind, string name)
    {
        _browser.Press("Add a place");
        _browser.Choose("kind", kind);
        _browser.Type("name", name);
        _browser.Press("Save");
        _browser.SeeNoMore(By.CssSelector("[role='dialog']"));
    }

    [Fact]
    public async Task Places_are_the_growers_own_and_a_tray_goes_from_one_to_another()
    {
        var b = _browser;
        await _program.Lot("alumroot");
        b.Open("/site/places");
        AddPlace("Cold shelf or fridge", "Fridge in the shed");
        AddPlace("Windowsill", "Kitchen window");
        b.Says("place-fridge-in-the-shed", PlaceKind.ColdShelf.Words());
        b.Click(By.CssSelector("[aria-label='Kitchen window: up']"));
        b.Click(By.CssSelector("[aria-label='Heat mat: change']"));
        b.Type("name", "The mat");
        b.Press("Save");
        b.Says("place-heat-mat", "The mat");

        Sown("The mat");
        b.Open("/");
        b.See("The mat");
        // two touches: the tray off the mat
        b.Press("Move to…");
        b.Press("Kitchen window");
        b.Told("B-1", "Kitchen window");
        b.SeeTest("now-kitchen-window");

        // some of it, by what stands there
        b.Open("/b/1");
        b.Says("stands-1", "Kitchen window");
        b.Press("Move to…");
        b.Press("Only some");
        b.Type("seeds", "41");
        b.See(By.XPath("//*[@role='status'][contains(., '40')]"));
        b.Type("seeds", "15");
        b.Type("label", "tray 2");
        b.Press("Lamp shelf");
        b.Says("stands-1a", "tray 2", "Lamp shelf");
        var parts = (await _program.Get($"/api/batches/{(await _program.Get("/api/batches"))[0]!["id"]}"))["parts"]!.AsArray();
        Assert.Equal([25, 15], parts.Select(p => p!["state"]!["seeds"]!.GetValue<int>()));

        // the shelf is still in use; the mat is not
        b.Open("/site/places");
        b.Click(By.CssSelector("[aria-label='Kitchen window: change']"));
        b.Press("Retire this place");
        b.Refused("B-1", "Kitchen window");
        b.Press("Cancel");
        b.Click(By.CssSelector("[aria-label='The mat: change']"));
        b.Press("Retire this place");
        b.SeeHeading("Retired");
        // the one refusal is all that the console has to say
        Assert.Single(b.Complaints());
        b.Open("/b/1");
        b.See("The mat");
    }

    [Fact]
    public async Task Cells_go_elsewhere_by_their_numbers_with_what_was_counted_in_them()
    {
        var b = _browser;
        await _program.Lot("alumroot");
        Sown("Heat mat", "36");
        b.Open("/count");
        b.Click(By.CssSelector("[aria-label='count B-1 tray 1']"));
        b.Press("By cells");
        foreach (var cell in new[] { 1, 1, 1, 2, 14 })
            b.Click(By.CssSelector($"[data-testid='cell-{cell}']"));
        b.Press("Record");
        b.Says("standing", "5");
        b.Open("/");
        b.Press("Move to…");
        b.Press("Some cells");
        b.Click(By.CssSelector("[data-testid='cell-1']"));
        b.Click(By.CssSelector("[data-testid='cell-2']"));
        b.Says("moved-cells", "1–2");
        b.Press("Table");
        b.Told("B-1", "table");
        b.SeeTest("now-table");
        b.Open("/b/1");
        b.Says("stands-1a", "Table");
        var parts = (await _program.Get($"/api/batches/{(await _program.Get("/api/batches"))[0]!["id"]}"))["parts"]!.AsArray();
        Assert.Equal([1, 4], parts.Select(p => p!["state"]!["standing"]!.GetValue<int>()));
        Assert.Equal([1, 2], parts[1]!["state"]!["sownAs"]!["cells"]!.AsArray().Select(c => c!.GetValue<int>()));
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task Water_is_looked_at_by_place_and_what_was_found_is_kept()
    {
        var b = _browser;
        await _program.Lot("alumroot");
        Sown("Lamp shelf");
        Sown("Heat mat");
        b.Open("/");
        b.Says("water-lamp-shelf", "1");
        b.SeeTest("water-heat-mat");
        b.PressIn("water-heat-mat", "All moist");
        b.Told("Heat mat");
        b.SeeNoMore(By.CssSelector("[data-testid='water-heat-mat']"));
        // what differs is said one by one, and what drinks from below is tipped out afterwards
        b.Unfold("look-lamp-shelf");
        b.PressIn("water-lamp-shelf", "One by one…");
        b.PressIn("look-1-1", "Pale");
        b.Press("Record");
        b.Told("Lamp shelf");
        b.Says("time-left", "20 min");
        b.Open("/b/1");
        b.Logged("waterLooked", WaterGiven.FromBelow.Words());
        b.Open("/b/2");
        b.Logged("waterLooked", WaterGiven.None.Words());
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task A_tray_goes_off_the_mat_is_thinned_potted_twice_hardened_and_planted()
    {
        var b = _browser;
        await _program.Lot("alumroot");
        Sown("Heat mat");
        b.Open("/");
        b.Press("Move to…");
        b.Press("Lamp shelf");
        b.Told("B-1", "lamp shelf");
        b.Unfold("look-lamp-shelf");
        b.PressIn("water-lamp-shelf", "All pale, watered");
        b.SeeTest("time-left");

        // what came up
        b.Open("/count");
        b.Click(By.CssSelector("[aria-label='count B-1 tray 1']"));
        foreach (var key in "24")
            b.Press(key.ToString());
        b.Press("Record");
        b.Says("standing", "24");
        b.Open("/b/1");
        b.Says("plants", "24");
        b.Press("Thin to one");
        b.Type("plants", "4");
        b.Press("Record");
        b.SeeNoMore(By.CssSelector("[role='dialog']"));
        b.Says("plants", "20");
        Move("20", "potted", "2.5");
        b.Says("plants", "20");
        b.Press("Repot");
        b.Type("potCm", "4");
        b.Press("Record");
        b.Told("20");
        b.Press("Pinched back");
        b.Logged("tended");
        Move("20", "hardened", null);
        Move("18", "planted", null);
        b.Says("plants", "2", "18");
        b.Says("log", "20");
    }

    [Fact]
    public async Task What_is_wrong_is_told_with_what_to_do_and_looked_at_again()
    {
        var b = _browser;
        await _program.Lot("alumroot");
        Sown("Lamp shelf");
        b.Open("/");
        // two touches: where and what; what to do is told at once
        b.Press("Something wrong…");
        b.Click(By.CssSelector("[data-testid='symptom-fungusGnats']"));
        b.Says("symptom-advice", "surface dry");
        b.Press("Close");
        b.Says("symptom-at-lamp-shelf", "1", "1");
        b.Open("/b/1");
        b.Says("seen-1", "gnats");
        b.Press("Looked again…");
        b.Press("Worse");
        b.Press("Record");
        b.Says("seen-1", "worse");
        b.Press("Looked again…");
        b.Press("Gone");
        b.Press("Record");
        b.Says("seen-1", "gone");
        b.Logged("symptomSeen", Symptom.FungusGnats.Words());
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task A_frame_is_covered_for_a_freeze_and_what_stands_there_is_measured()
    {
        var b = _browser;
        await _program.Lot("alumroot");
        b.Open("/site/places");
        AddPlace("Cold frame", "North frame");
        Sown("North frame");
        b.Open("/count");
        b.Click(By.CssSelector("[aria-label='count B-1 tray 1']"));
        b.Press("9");
        b.Press("Record");
        b.Says("standing", "9");
        b.Open("/");
        b.Type("tonight", "-6");
        b.Press("Record");
        b.Says("out-north-frame-freeze", "B-1 roundleaf alumroot");
        b.PressIn("out-north-frame-freeze", "Covered");
        b.Told("North frame");
        b.Open("/b/1");
        b.Logged("tended");
        b.Press("Height…");
        b.Type("height", "4");
        b.Press("Record");
        b.Says("seen-1", "4 cm");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task What_did_not_come_up_gets_a_second_cold_and_is_counted_on()
    {
        var b = _browser;
        await _program.Lot("alumroot");
        Sown("Lamp shelf");
        b.Open("/b/1");
        b.Press("Second cold");
        b.SeeHeading("a second cold for 40 seeds");
        b.Type("days", "45");
        b.Press("Into the cold");
        b.Told("B-1", "cold shelf");
        b.Says("stands-1", "Cold shelf");
        b.Says("batch-status", "0", "45");
        b.Logged("coldAgain", "45");
        Assert.Empty(b.Complaints());
    }

    private void Move(string plants, string to, string? pot)
    {
        var b = _browser;
        b.Click(By.CssSelector("[aria-label='move on, part 1']"));
        b.Type("plants", plants);
        b.Choose("to", char.ToUpperInvariant(to[0]) + to[1..]);
        if (pot is not null)
            b.Type("potCm", pot);
        b.Press("Record");
        b.SeeNoMore(By.CssSelector("[role='dialog']"));
    }

    [Fact]
    public async Task A_tap_asks_for_nothing_but_to_be_saved_and_leaves_the_page_as_it_would_be_opened()
    {
        var b = _browser;
        await _program.Lot("alumroot");
        Sown("Lamp shelf");
        Sown("Table");
        b.Open("/?place=lamp-shelf");
        b.SeeTest("look-lamp-shelf");
        // what is fetched for the bench, so that it opens without a connection, has come, and all is older than it may be
        Thread.Sleep(6_000);
        b.Driver.ExecuteScript("performance.clearResourceTimings()");
        b.Press("All moist");
        b.SeeNoMore(By.CssSelector("[data-testid='look-lamp-shelf']"));
        Thread.Sleep(1_000);
        Assert.EndsWith("/entries", Assert.Single(Asked(b)), StringComparison.Ordinal);
        var stood = Standing(b);
        b.Open("/?place=lamp-shelf");
        b.SeeTest("now-lamp-shelf");
        Assert.Equal(stood, Standing(b));
        b.Open("/");
        b.See("Table");
    }

    [Fact]
    public async Task A_gesture_on_the_page_of_a_batch_brings_the_batch_along()
    {
        var b = _browser;
        await _program.Lot("alumroot");
        Sown("Lamp shelf");
        b.Open($"/batches/{(await _program.Get("/api/batches"))[0]!["id"]}");
        b.Says("stands-1", "Lamp shelf");
        b.Press("Move to…");
        // opening the list asks whether its places are still so, and by then all that was read is older than it may be
        b.See("Table");
        Thread.Sleep(6_000);
        b.Driver.ExecuteScript("performance.clearResourceTimings()");
        b.Press("Table");
        b.Says("stands-1", "Table");
        b.Logged("moved");
        Thread.Sleep(1_000);
        // the weather of its container hangs on where it stands
        Assert.Equal(["entries", "winter"], Asked(b).Select(path => path.Split('/')[^1]));
    }

    /// <summary>Without what every page asks for from time to time.</summary>
    private static List<string> Asked(Browser b) =>
        [
            .. (
                (IEnumerable<object>)
                    b.Driver.ExecuteScript("return performance.getEntriesByType('resource').map(e => new URL(e.name).pathname)")!
            )
                .Cast<string>()
                .Where(path => path.StartsWith("/api/", StringComparison.Ordinal) && path is not ("/api/site" or "/api/forecast")),
        ];

    private static string Standing(Browser b) =>
        (string)b.Driver.ExecuteScript("return document.querySelector('section[aria-label]').innerText")!;
}
