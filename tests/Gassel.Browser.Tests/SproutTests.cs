using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>Seed that sprouts in the bag: picked out before the shortest time, the whole bag sown from one in ten on.</summary>
public sealed class SproutTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: true);
    private readonly Browser _browser;

    public SproutTests() => _browser = new(_program.Address);

    public void Dispose()
    {
        _browser.Dispose();
        _program.Dispose();
    }

    [Fact]
    public async Task Two_of_forty_eight_are_picked_out_as_of_yesterday_and_every_seed_stays_in_count()
    {
        var b = _browser;
        b.Open("/");
        b.SeeTest("looks-cold-shelf");
        b.PressKeys("[");
        b.Says("done-day", "Sat 13 Mar");
        b.OneByOne("cold-shelf");
        b.PressIn("due-12-1-checkBag", "Problem…");
        b.Type("sprouted", "2");
        b.Says("sprouts-usual", "2", "46");
        b.Press("Picked out and sown");
        b.Press("Record");
        b.Told("2");
        var batch = (await _program.Get("/api/batches")).AsArray().Single(x => x!["number"]!.GetValue<int>() == 12)!;
        b.Open("/batches/" + batch["id"]);
        b.Says("germination", "4.2 %");
        b.Says("germination-interval", "2", "48");
        b.Says("log", "Sat 13 Mar");
        b.Logged("split", "1.1", "2", "1.2", "46");
    }

    [Fact]
    public async Task Three_of_sixty_are_picked_out_and_the_rest_goes_back_and_past_the_shortest_time_all_are_sown()
    {
        var b = _browser;
        await _program.Send(
            "/api/told",
            """
            {"save":true,"who":"grower","lines":[{"species":"balsamroot","lot":"1","step":"cold-moist","since":"2027-02-20",
            "seeds":"60","place":""}]}
            """
        );
        b.Open("/");
        b.OneByOne("cold-shelf");
        b.PressIn("due-44-1-checkBag", "Problem…");
        b.Type("sprouted", "3");
        b.Says("sprouts-usual", "3", "57");
        b.Press("Picked out and sown");
        b.Press("Record");
        b.Told("3");
        b.SeeNoMore(By.CssSelector("[data-testid='due-44-1-checkBag']"));
        async Task<string[]> Parts(int number)
        {
            var id = (await _program.Get("/api/batches")).AsArray().Single(x => x!["number"]!.GetValue<int>() == number)!["id"];
            return
            [
                .. (await _program.Get($"/api/batches/{id}"))["parts"]!
                    .AsArray()
                    .Select(p => p!["state"]!)
                    .Where(p => !p["divided"]!.GetValue<bool>())
                    .Select(p => $"{p["id"]}: {p["seeds"]} on {p["place"]}, {(p["sownOn"] is null ? "in the bag" : "sown")}"),
            ];
        }
        Assert.Equal(["1.1: 3 on lamp-shelf, sown", "1.2: 57 on cold-shelf, in the bag"], await Parts(44));

        // B-3 is in its twelfth week, past the shortest of 60 days: one sprout, and the whole bag is sown
        b.PressIn("due-3-1-checkBag", "Problem…");
        b.Type("sprouted", "1");
        b.InState("sprouts-usual", "sowAll");
        b.Press("Whole bag sown");
        b.Press("Record");
        b.Told("1");
        b.SeeNoMore(By.CssSelector("[data-testid='due-3-1-checkBag']"));
        Assert.Equal("1: 60 on lamp-shelf, sown", Assert.Single(await Parts(3)));
    }

    [Fact]
    public void Five_of_forty_eight_and_the_whole_bag_is_sown()
    {
        var b = _browser;
        b.Open("/");
        b.OneByOne("cold-shelf");
        b.PressIn("due-12-1-checkBag", "Problem…");
        b.Type("sprouted", "49");
        b.Refused("0", "48");
        b.Type("sprouted", "5");
        b.InState("sprouts-usual", "sowAll");
        b.Press("Whole bag sown");
        b.Press("Record");
        b.Told("5");
        b.SeeNoMore(By.CssSelector("[data-testid='due-12-1-checkBag']"));
        b.Open("/count");
        b.Click(By.CssSelector("[aria-label='count B-12 deep cells 12']"));
        b.Says("standing", "0", "48");
    }
}
