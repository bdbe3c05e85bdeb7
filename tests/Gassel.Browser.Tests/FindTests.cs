using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>Anything of the book found from anywhere, in a book that a grower begins by hand.</summary>
public sealed class FindTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: false);
    private readonly Browser _browser;

    public FindTests()
    {
        _browser = new(_program.Address);
        _browser.NameSite();
    }

    public void Dispose()
    {
        _browser.Dispose();
        _program.Dispose();
    }

    [Fact]
    public async Task A_lot_a_species_and_a_view_are_found_by_key_also_with_a_letter_wrong()
    {
        var b = _browser;
        await _program.Lot("balsamroot");
        b.Open("/");
        b.SeeTest("today");
        b.PressKeys("/");
        b.Type("find-all", "arowleaf");
        // the species and its lot
        b.Says("found-0", "arrowleaf balsamroot");
        b.Type("find-all", "lot 1");
        b.Says("found-0", "Lot 1", "arrowleaf balsamroot");
        b.Type("find-all", "begonia");
        b.SeeNoMore(By.CssSelector("[data-testid='found-0']"));
        b.Type("find-all", "bloodr");
        b.Says("found-0", "bloodroot");
        b.PressKeys(Keys.Enter);
        b.SeeNoMore(By.Name("find-all"));
        b.SeeHeading("Route: fresh seed: warm, then cold");
        b.Press("Find");
        b.Type("find-all", "workb");
        b.Says("found-0", "Workbench");
        b.PressKeys(Keys.Enter);
        b.SeeNoMore(By.Name("find-all"));
        Assert.EndsWith("/workbench", b.Driver.Url, StringComparison.Ordinal);
        Assert.Empty(b.Complaints());
    }
}
