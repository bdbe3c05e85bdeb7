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
        b.Says("verdict-1", "40 seeds, tray");
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
        b.Says("place-fridge-in-the-shed", "cold shelf or fridge");
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
        b.See("B-1: moved to Kitchen window");
        b.SeeTest("now-kitchen-window");

        // some of it, by what stands there
        b.Open("/b/1");
        b.Says("stands-1", "Kitchen window");
        b.Press("Move to…");
        b.Press("Only some");
        b.Type("seeds", "41");
        b.See("40 seeds are not up yet.");
        b.Type("seeds", "15");
        b.Type("label", "tray 2");
        b.Press("Lamp shelf");
        b.Says("stands-1a", "tray 2, Lamp shelf");
        var parts = (await _program.Get($"/api/batches/{(await _program.Get("/api/batches"))[0]!["id"]}"))["parts"]!.AsArray();
        Assert.Equal([25, 15], parts.Select(p => p!["state"]!["seeds"]!.GetValue<int>()));

        // the shelf is still in use; the mat is not
        b.Open("/site/places");
        b.Click(By.CssSelector("[aria-label='Kitchen window: change']"));
        b.Press("Retire this place");
        b.See("B-1 still stand at Kitchen window");
        b.Press("Cancel");
        b.Click(By.CssSelector("[aria-label='The mat: change']"));
        b.Press("Retire this place");
        b.See("What stood there stays in the record.");
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
        b.Says("standing", "5 seedlings");
        b.Open("/");
        b.Press("Move to…");
        b.Press("Some cells");
        b.See("Tap the cells that go.");
        b.Click(By.CssSelector("[data-testid='cell-1']"));
        b.Click(By.CssSelector("[data-testid='cell-2']"));
        b.Says("moved-cells", "Cells 1–2 go.");
        b.Press("Table");
        b.See("B-1: some moved to table");
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
        b.Says("water-lamp-shelf", "1 vessel, must not dry out");
        b.Says("water-heat-mat", "then tip the rest out");
        b.PressIn("water-heat-mat", "All moist");
        b.See("Heat mat: all moist");
        b.SeeNoMore(By.CssSelector("[data-testid='water-heat-mat']"));
        // what differs is said one by one, and what drinks from below is tipped out afterwards
        b.PressIn("water-lamp-shelf", "One by one…");
        b.PressIn("look-1-1", "Pale");
        b.Press("Record");
        b.See("Lamp shelf: water looked at");
        b.Says("water-lamp-shelf", "Tip out the water that is left");
        b.Says("time-left", "in 20 min");
        b.Open("/b/1");
        b.See("Looked at the water: dry: pale, watered from below.");
        b.Open("/b/2");
        b.See("Looked at the water: moist: dark, not watered.");
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
        b.See("B-1: moved to lamp shelf");
        b.PressIn("water-lamp-shelf", "All pale, watered");
        b.Says("water-lamp-shelf", "Tip out the water that is left");

        // what came up
        b.Open("/count");
        b.Click(By.CssSelector("[aria-label='count B-1 tray 1']"));
        foreach (var key in "24")
            b.Press(key.ToString());
        b.Press("Record");
        b.Says("standing", "24 seedlings");
        b.Open("/b/1");
        b.Says("plants", "24 seedlings");
        b.Press("Thin to one");
        b.Type("plants", "4");
        b.Press("Record");
        b.SeeNoMore(By.CssSelector("[role='dialog']"));
        b.Says("plants", "20 seedlings");
        Move("20", "potted", "2.5");
        b.Says("plants", "20 potted");
        b.Press("Repot");
        b.Type("potCm", "4");
        b.Press("Record");
        b.See("20 repotted");
        b.Press("Pinched back");
        b.See("Pinched or cut back.");
        Move("20", "hardened", null);
        Move("18", "planted", null);
        b.Says("plants", "2 hardened, 18 planted");
        b.See("Repotted 20 plants");
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
        b.Says("symptom-advice", "Let the surface dry between waterings");
        b.Press("Close");
        b.Says("symptom-at-lamp-shelf", "Fungus gnats in 1 of 1 vessel here");
        b.Open("/b/1");
        b.Says("seen-1", "Fungus gnats since");
        b.Press("Looked again…");
        b.Press("Worse");
        b.Press("Record");
        b.Says("seen-1", "worse");
        b.Press("Looked again…");
        b.Press("Gone");
        b.Press("Record");
        b.Says("seen-1", "gone");
        b.See("Looked again at fungus gnats: gone.");
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
        b.Says("standing", "9 seedlings");
        b.Open("/");
        b.Type("tonight", "-6");
        b.Press("Record");
        b.Says("out-north-frame-freeze", "Freeze coming: cover B-1 roundleaf alumroot");
        b.PressIn("out-north-frame-freeze", "Covered");
        b.See("North frame: covered");
        b.Open("/b/1");
        b.See("Covered.");
        b.Press("Height…");
        b.Type("height", "4");
        b.Press("Record");
        b.Says("seen-1", "Height: 4 cm");
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
        b.See("a second cold for 40 seeds");
        b.Type("days", "45");
        b.Press("Into the cold");
        b.See("B-1: in its second cold at cold shelf");
        b.Says("stands-1", "Cold shelf");
        b.See("second cold, day 0 of 45");
        b.See("Back into the cold for 45 days");
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
}
