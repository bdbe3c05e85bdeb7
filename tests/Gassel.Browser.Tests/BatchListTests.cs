using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>Many batches as a list, in a book of a grower's own: narrowed, put in order, and acted on together.</summary>
public sealed class BatchListTests : IDisposable
{
    private const int Batches = 240;

    private readonly RunningProgram _program = new(demo: false);
    private readonly Browser _browser;

    public BatchListTests() => _browser = new(_program.Address);

    public void Dispose()
    {
        _browser.Dispose();
        _program.Dispose();
    }

    [Fact]
    public async Task A_list_is_narrowed_drawn_as_it_is_scrolled_and_many_are_moved_at_once()
    {
        var b = _browser;
        b.NameSite();
        await _program.Lot("balsamroot");
        await _program.Lot("blue-flax");
        string Line(int i) =>
            $$"""{"species":"{{(i % 8 == 0 ? "blue flax" : "arrowleaf balsamroot")}}","lot":"{{(i % 8 == 0 ? 2 : 1)}}","""
            + """ "step":"cold-moist","since":"2026-06-01","seeds":"1","place":""}""";
        await _program.Send(
            "/api/told",
            $$"""{"save":true,"who":"me","lines":[{{string.Join(',', Enumerable.Range(1, Batches).Select(Line))}}]}"""
        );
        b.Open("/batches");
        b.Says("batches-found", $"{Batches}");
        b.SeeTest($"batch-{Batches}");
        // of all of them only those in sight are in the page, and the last come when they are scrolled to
        Assert.InRange(Rows(), 5, 60);
        Assert.Empty(b.Driver.FindElements(By.CssSelector("[data-testid='batch-1']")));
        b.Driver.ExecuteScript("document.querySelector('[data-scroller]').scrollTop = 1e6");
        b.SeeTest("batch-1");
        Assert.InRange(Rows(), 5, 60);

        // what is asked stands in the address, and is there again after going and coming back
        b.Driver.ExecuteScript("document.querySelector('[data-scroller]').scrollTop = 0");
        b.Choose("batches-species", "Blue flax");
        b.Says("batches-found", $"{Batches / 8}", $"{Batches}");
        b.Type("batches-text", "16");
        b.Says("batches-found", "3", $"{Batches}");
        Assert.Contains("species=blue-flax&text=16", b.Driver.Url, StringComparison.Ordinal);
        b.Click(By.CssSelector("[data-testid='batch-160']"));
        b.SeeHeading("Where it stands");
        b.Driver.Navigate().Back();
        b.Says("batches-found", "3", $"{Batches}");

        // both together to another place, and both again undone by one touch
        b.Click(By.CssSelector("[data-testid='choose-160']"));
        b.Press("Choose all 3");
        b.Press("Move to…");
        b.SeeHeading("Move 3 vessels");
        b.Press("Table");
        b.Told("3");
        b.Choose("batches-place", "Table");
        b.Says("batches-found", "3", $"{Batches}");
        b.Press("Undo");
        b.SeeTest("none-found");
        b.Press($"Show all {Batches}");
        b.Says("batches-found", $"{Batches}");
        Assert.Empty(b.Complaints());
    }

    private int Rows() => _browser.Driver.FindElements(By.CssSelector("[role='listitem']")).Count;
}
