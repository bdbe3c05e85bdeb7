using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>Counting a tray with keys and with a thumb: whole, by rows, cell by cell, above an estimate, with a cause.</summary>
public sealed class CountingTests : IClassFixture<DemoProgram>
{
    private readonly RunningProgram _program;

    public CountingTests(DemoProgram demo) => _program = demo.Program;

    private async Task<JsonArray> Counts(int number)
    {
        var id = (await _program.Get("/api/batches")).AsArray().Single(x => x!["number"]!.GetValue<int>() == number)!["id"];
        return (await _program.Get($"/api/batches/{id}"))["parts"]![0]!["state"]!["counts"]!.AsArray();
    }

    private static void OpenTray(Browser browser, string label)
    {
        browser.Open("/count");
        browser.Click(By.CssSelector($"[aria-label='count {label}']"));
        browser.SeeTest("tally-emerged");
    }

    [Fact]
    public async Task Digits_and_enter_count_arrows_walk_the_cells_and_a_loss_has_its_cause()
    {
        using var b = new Browser(_program.Address);
        OpenTray(b, "B-28 tray 28");
        b.PressKeys("4" + Keys.Enter);
        b.Told("tray 28", "4", "0");
        b.Says("standing", "9", "72");

        // to the cells: cell 3, one row down to 15, two there
        b.PressKeys("cc");
        b.Says("tally-at", "1");
        b.PressKeys("1" + Keys.ArrowRight + Keys.ArrowRight + Keys.ArrowDown + "2");
        b.Says("tally-at", "15", "3");
        b.PressKeys(Keys.ArrowLeft + "l" + "1");
        b.Click(By.XPath($"//button[{Browser.Reads("Eaten")}]"));
        b.PressKeys(Keys.Enter);
        b.Told("tray 28", "3", "1");
        b.Says("standing", "11", "72");
        b.Says("last-count", "1", LossCause.Eaten.Words());
        var last = (await Counts(28))[^1]!;
        Assert.Equal("eaten", last["cause"]!.GetValue<string>());
        Assert.Equal(
            [(1, 1, 0), (14, 0, 1), (15, 2, 0)],
            last["spots"]!
                .AsArray()
                .Select(s => (s!["cell"]!.GetValue<int>(), s["emerged"]!.GetValue<int>(), s["lost"]!.GetValue<int>()))
                .Order()
        );

        // taken back with one touch, and on to the next tray with a key
        b.Press("Undo");
        b.Says("standing", "9", "72");
        var next = b.See("Next: B-").Text["Next: ".Length..];
        Assert.NotEqual("B-28", next);
        b.PressKeys("n");
        b.See($"{next} ");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task A_thumb_touches_the_drawn_cells_of_a_tray_that_two_batches_share()
    {
        using var phone = new Browser(_program.Address, 390, 844);
        OpenTray(phone, "B-25, B-26 T-1");
        var cell = phone.SeeTest("cell-12").Size;
        Assert.True(cell.Width >= 48 && cell.Height >= 48, $"a cell is {cell.Width} by {cell.Height} px");
        // cell 12 is of the control, cells 19 and 22 of the chilled arm
        foreach (var touched in new[] { 12, 19, 22, 22 })
            phone.Click(By.CssSelector($"[data-testid='cell-{touched}']"));
        phone.Says("tally-at", "4");
        phone.Press("Record");
        phone.Told("T-1", "4", "0");
        Assert.Equal(1, (await Counts(25))[^1]!["emerged"]!.GetValue<int>());
        Assert.Equal(
            [(19, 1), (22, 2)],
            (await Counts(26))[^1]!["spots"]!.AsArray().Select(s => (s!["cell"]!.GetValue<int>(), s["emerged"]!.GetValue<int>()))
        );
    }

    [Fact]
    public async Task Above_an_estimate_the_estimate_is_raised_with_the_count()
    {
        using var b = new Browser(_program.Address);
        OpenTray(b, "B-7 tray 7");
        b.Says("sown-since", "212", "300", "20 %");
        b.PressKeys("225");
        b.Says("raise-estimate", "313", "300");
        b.Type("raised", "340");
        b.Press("Record");
        b.Told("tray 7", "225", "0");
        b.Says("standing", "313", "340");
        Assert.Equal(225, (await Counts(7))[^1]!["emerged"]!.GetValue<int>());
    }

    [Fact]
    public async Task Rows_are_counted_and_the_mix_is_noted_beside_them()
    {
        using var b = new Browser(_program.Address);
        OpenTray(b, "B-28 tray 28");
        b.Press("By rows");
        b.PressKeys("2" + Keys.ArrowDown + Keys.ArrowDown + "1");
        b.Says("tally-at", "3", "3");
        b.Press("Dry");
        b.Press("Record");
        b.Told("tray 28", "3", "0");
        Assert.Equal([1, 3], (await Counts(28))[^1]!["spots"]!.AsArray().Select(s => s!["row"]!.GetValue<int>()));
        b.Open("/b/28");
        b.Logged("check", "dry");
        b.Logged("count", "3", "0");
    }

    [Fact]
    public async Task Seed_is_sown_into_some_cells_and_another_batch_into_the_rest()
    {
        using var b = new Browser(_program.Address);
        b.Open("/");
        b.PressIn("due-8-1-sow", "Record differently…");
        b.SeeTest("sow-form");
        b.Says("sow-form", "pressed in");
        b.Click(By.XPath("//label[contains(., 'only some of its cells')]"));
        b.Type("perCell", "10");
        b.Press("The first 20 free");
        b.Says("chosen-cells", "20", "1–20");
        b.Click(By.CssSelector("[role='dialog'] [data-testid='cell-21']"));
        b.Says("chosen-cells", "21", "1–21");
        b.PressIn("sow-actions", "Record");
        b.Told("B-8 roundleaf alumroot");
        var id = (await _program.Get("/api/batches")).AsArray().Single(x => x!["number"]!.GetValue<int>() == 6)!["id"];
        var open = (await _program.Get($"/api/batches/{id}/sowing"))["trays"]!
            .AsArray()
            .Single(t => t!["label"]!.GetValue<string>() == "tray 8")!;
        Assert.Equal(51, open["free"]!.AsArray().Count);

        b.PressIn("due-6-1-sow", "Record differently…");
        b.SeeTest("sow-form");
        b.Choose("shared", "tray 8 with B-8");
        b.Press("All free");
        b.Says("chosen-cells", "51", "22–72");
        b.PressIn("sow-actions", "Record");
        b.SeeNoMore(By.CssSelector("[data-testid='due-6-1-sow']"));
        var sown = (await _program.Get($"/api/batches/{id}"))["parts"]![0]!["state"]!;
        Assert.Equal("2027-03-14", sown["sownOn"]!.GetValue<string>());
        OpenTray(b, "B-6, B-8 tray 8");
        b.Says("standing", "0", "248");
    }
}
