using System.Globalization;
using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>A winter planned from a list, in an empty book with three shelves.</summary>
public sealed class WishesTests : IDisposable
{
    private const int Wishes = 40;
    private static readonly string[] Kinds =
    [
        "roundleaf alumroot",
        "prairie smoke",
        "blue flax",
        "streambank globemallow",
        "scarlet gilia",
        "elegant penstemon",
        "blanketflower",
        "parsnip buckwheat",
    ];
    private static readonly string[] Ids =
    [
        "alumroot",
        "prairie-smoke",
        "blue-flax",
        "globemallow",
        "scarlet-gilia",
        "elegant-penstemon",
        "blanketflower",
        "parsnip-buckwheat",
    ];

    private readonly RunningProgram _program = new(demo: false);
    private readonly Browser _browser;
    private readonly string _file = Path.Combine(Path.GetTempPath(), $"gassel-wishes-{Guid.NewGuid():N}.csv");

    public WishesTests()
    {
        _browser = new(_program.Address);
        _browser.NameSite();
    }

    public void Dispose()
    {
        _browser.Dispose();
        _program.Dispose();
        File.Delete(_file);
    }

    [Fact]
    public async Task Forty_wishes_are_pasted_mended_fitted_pinned_and_become_batches()
    {
        var b = _browser;
        foreach (var species in Ids)
            await _program.Lot(species);
        foreach (
            var (place, name, kind, room) in new[]
            {
                ("lamp-shelf", "Lamp shelf", "lampShelf", 60),
                ("cold-shelf", "Cold shelf", "coldShelf", 40),
                ("heat-mat", "Heat mat", "heatMat", 20),
            }
        )
        {
            await _program.Send(
                HttpMethod.Put,
                $"/api/places/{place}",
                $$"""{"name":"{{name}}","kind":"{{kind}}","dayC":18,"capacity":{{room}}}"""
            );
        }
        var spring = DateTime.Today.Year + 2;
        var lines = Enumerable
            .Range(0, Wishes)
            .Select(i =>
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"{(i == 3 ? "streambank globemalow" : Kinds[i % Kinds.Length])},{1 + (i % 4)},{spring}"
                )
            )
            .Append("blue flax,many,");
        await File.WriteAllLinesAsync(_file, lines.Prepend("species,plants,when"), TestContext.Current.CancellationToken);

        b.Open("/season/wishes");
        b.SeeHeading("Plan the winter from a list");
        b.Driver.FindElement(By.CssSelector("[data-testid='wish-file']")).SendKeys(_file);
        b.Press($"Check {Wishes + 1} lines");
        b.Says("wish-report", $"{Wishes - 1}", "2");
        b.Says("verdict-41", "number");
        // the right name is one touch away; what stays wrong is taken out of the way
        b.PressIn("verdict-4", "streambank globemallow");
        b.Says("wish-report", $"{Wishes}", "1");
        b.Press($"Put {Wishes} good lines on the list");
        b.SeeHeading($"{Wishes} wishes");

        b.Press("Find room for all");
        b.SeeTest("season-words");
        b.Click(By.CssSelector("[aria-label^='Pin this day: W-1 ']"));
        b.See(By.CssSelector("[aria-label^='Unpin: W-1 ']"));
        b.Press("Find room for all");
        b.Says("wish-1", "pinned");
        b.Says("season-words", "0");
        SeesWinterAndSupplies(b);
        b.Press($"Create {Wishes} batches");
        b.Says("made", $"{Wishes}", "B-1", $"B-{Wishes}");
        Assert.Equal(Wishes, (await _program.Get("/api/batches")).AsArray().Count);
        // the refusals are all that the console has to say
        Assert.Empty(b.Complaints());
    }

    /// <summary>The winter as ribbons, week by week and on paper, and what to have at hand for it.</summary>
    private static void SeesWinterAndSupplies(Browser b)
    {
        Assert.Equal(Wishes, b.SeeTest("wish-chart").FindElements(By.CssSelector("[data-testid^='ribbon-W-']")).Count);
        b.SeeTest("load-Lamp shelf");
        Assert.NotEmpty(b.Driver.FindElements(By.CssSelector("[data-testid^='week-']")));
        b.Press("Enter stock and prices");
        b.Type("onHand-labels", "7");
        b.Type("price-labels", "0.5");
        b.Press("Done");
        b.Says("supply-labels", "7");
        b.Says("supplies-cost", "Together");
        var pages = System.Text.RegularExpressions.Regex.Count(System.Text.Encoding.Latin1.GetString(b.Print()), @"/Type\s*/Page[^s]");
        Assert.InRange(pages, 2, 12);
    }
}
