using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>From seedling to planted plant, the cold for flowering, and a season closed and begun anew.</summary>
public sealed class PlantsTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: true);
    private readonly Browser _browser;

    public PlantsTests() => _browser = new(_program.Address);

    public void Dispose()
    {
        _browser.Dispose();
        _program.Dispose();
    }

    [Fact]
    public async Task From_pricking_out_to_planting_out_no_plant_is_lost_from_count()
    {
        var b = _browser;
        b.Open("/b/2");
        b.Says("plants", "33", "1");
        MoveOn("seedling", "20", "pricked out", "plugs");
        b.Says("plants", "13", "20", "1");
        MoveOn("prickedOut", "18", "potted", "9 cm pots");
        b.Press("Lost");
        b.Choose("from", "Pricked out");
        b.Type("plants", "2");
        b.Choose("cause", "Dried");
        b.Press("Record");
        b.Says("plants", "13", "18", "3");
        b.Says("plants-lost", "2", PlantStage.PrickedOut.Words());
        MoveOn("potted", "17", "hardened", null);
        MoveOn("hardened", "17", "planted", "the creek bed");
        b.Says("plants", "13", "1", "17", "3");
        await Conserves(2);

        // more than stand there is refused, with the field and what would be valid
        Ask("potted", "5", "planted", null);
        b.Refused("5", "1");
        b.Says("plants", "13", "1", "17", "3");
        await Conserves(2);
    }

    [Fact]
    public async Task Seedlings_left_in_their_tray_are_thinned_and_pricked_out_from_rounds()
    {
        var b = _browser;
        b.Open("/");
        b.PressIn("due-4-1-prickOut", "Thin…");
        b.Type("plants", "2");
        b.Press("Record");
        b.SeeNoMore(By.CssSelector("[role='dialog']"));
        await Conserves(4);
        b.Unfold("due-4-1-prickOut");
        b.Says("due-4-1-prickOut", "6", "72");
        b.PressIn("due-4-1-prickOut", "Prick out…");
        b.Press("Record");
        b.SeeNoMore(By.CssSelector("[data-testid='due-4-1-prickOut']"));
        b.Open("/b/4");
        b.Says("plants", "38", "5");
        b.Says("plants-lost", "2");
        await Conserves(4);
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task Hardening_off_is_recorded_day_by_day_and_ends_in_hardened_plants()
    {
        var b = _browser;
        b.Open("/b/41");
        b.Says("hardening", "5");
        b.Press("Out today");
        b.Says("hardening", "6");
        b.Open("/");
        b.SeeTest("done-day");
        b.SeeNoMore(By.CssSelector("[data-testid='due-41-1-carryOut']"));
        // a day on which they stay in moves the end
        b.Press("Skip a day");
        b.Says("today", "Mon 15 Mar 2027");
        b.Press("Skip a day");
        b.Says("today", "Tue 16 Mar 2027");
        b.Open("/b/41");
        b.Says("hardening-days", "Skipped");
        MoveOn("potted", "31", "hardened", null);
        b.Says("plants", "31", "7");
        b.SeeNoMore(By.CssSelector("[data-testid='hardening']"));
        b.Says("planting-out", "risk");
        await Conserves(41);
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task A_rosette_in_frost_is_told_as_frosted_and_its_cold_counted_by_temperature()
    {
        var b = _browser;
        b.Open("/b/40");
        b.Says("vernalization", "15", "−14.1 °C");
        var said = await _program.Get("/api/batches/" + await Id(40));
        var cold = said["parts"]!.AsArray().Select(p => p!["vernalization"]).Single(v => v is not null)!;
        // 71 days out; frost adds nothing, so less than the calendar says
        Assert.InRange(cold["effectiveDays"]!.GetValue<double>(), 40, 71 - 10);
        Assert.Equal(15, cold["frosts"]!.AsArray().Count);
        b.Says(
            "vernalization",
            FormattableString.Invariant($"{cold["effectiveDays"]!.GetValue<double>():0.0} of at least 56 effective days")
        );
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task A_batch_is_closed_its_season_read_and_planned_again()
    {
        var b = _browser;
        b.Open("/b/19");
        b.Press("Close the books of this batch");
        b.Type("words", "potted on for another year");
        b.Press("Close the books");
        b.Says("books-closed", "14 Mar");
        b.SeeNoMore(By.XPath($"//button[{Browser.Reads("Move on")}]"));

        b.Open("/season/books");
        b.Choose("season", "Winter 2025/26");
        b.Says("books-headline", "2025/26");
        b.Says("season-plants", "81", "25", "11");
        b.Says("books-forecast", "51 %", "74 %");
        b.Click(By.XPath("//input[@aria-label='plan B-18 again']/.."));
        b.Press("Plan 1 batch again for next season");
        b.Says("next-season", "1", "B-44");

        var again = await _program.Get("/api/batches/" + await Id(44));
        Assert.Equal("globemallow", again["species"]!["id"]!.GetValue<string>());
        // it was aimed at 24 February; this year's is past
        Assert.Equal("2028-02-24", again["plan"]!["anchor"]!["date"]!.GetValue<string>());
        // its own results came in below the forecast, so the same twenty plants ask for more seed than the last time
        Assert.True(again["summary"]!["seeds"]!.GetValue<int>() > 40);
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public void The_demo_walks_a_week_on_and_the_work_with_it()
    {
        var b = _browser;
        b.Open("/");
        b.Says("today", "Sun 14 Mar 2027");
        // the strip stands below the work, and comes to rest when that is there
        b.SeeTest("looks-cold-shelf");
        b.Press("Skip a week");
        b.Says("today", "Sun 21 Mar 2027");
        Assert.Empty(b.Complaints());
    }

    private void MoveOn(string from, string plants, string to, string? into)
    {
        Ask(from, plants, to, into);
        _browser.SeeNoMore(By.CssSelector("[role='dialog']"));
    }

    private static string Capital(string words) => char.ToUpperInvariant(words[0]) + words[1..];

    private void Ask(string from, string plants, string to, string? into)
    {
        var b = _browser;
        b.Press("Move on");
        b.Choose("from", from == "prickedOut" ? "Pricked out" : Capital(from));
        b.Choose("to", Capital(to));
        b.Type("plants", plants);
        if (into is not null)
            b.Type("into", into);
        b.Press("Record");
    }

    /// <summary>Everything that came up grows, sleeps or was lost somewhere.</summary>
    private async Task Conserves(int number)
    {
        var plants = (await _program.Get("/api/batches/" + await Id(number)))["plants"]!;
        var stages = plants["stages"]!.AsArray();
        Assert.Equal(plants["emerged"]!.GetValue<int>(), stages.Sum(s => At(s, "alive") + At(s, "dormant") + At(s, "lost")));
        static int At(JsonNode? stage, string what) => stage![what]!.GetValue<int>();
    }

    private async Task<string> Id(int number) =>
        (await _program.Get("/api/batches")).AsArray().Single(x => x!["number"]!.GetValue<int>() == number)!["id"]!.GetValue<string>();
}
