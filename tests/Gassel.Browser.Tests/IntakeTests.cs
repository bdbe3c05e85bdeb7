using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>A seed list from a spreadsheet, in a book that has none.</summary>
public sealed class IntakeTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: false);
    private readonly Browser _browser;
    private readonly string _file = Path.Combine(Directory.CreateTempSubdirectory("gassel-intake-").FullName, "my seed.csv");

    public IntakeTests() => _browser = new(_program.Address);

    public void Dispose()
    {
        _browser.Dispose();
        _program.Dispose();
        Directory.Delete(Path.GetDirectoryName(_file)!, recursive: true);
    }

    [Fact]
    public async Task A_seed_list_with_names_of_its_own_is_mapped_judged_and_kept()
    {
        var b = _browser;
        b.NameSite();
        await File.WriteAllTextAsync(
            _file,
            "Plant,gathered_at,Harvest,seeds\nblue flax,Wet meadow,12 Jul 2026,250\nblue flx,slope,12 Jul 2026,20\n",
            TestContext.Current.CancellationToken
        );
        b.PressKeys("/");
        b.Type("find-all", "csv");
        b.Says("found-0", "CSV");
        b.PressKeys(Keys.Enter);
        b.SeeHeading("Read lots from a CSV");
        b.Driver.FindElement(By.CssSelector("[data-testid='intake-file']")).SendKeys(_file);
        b.Says("columns-missing", "species", "gathered_on");
        b.Choose("at-species", "Plant");
        b.Says("columns-missing", "gathered_on");
        b.Choose("at-gathered_on", "Harvest");
        b.Says("intake-report", "1", "0", "1");
        b.Says("intake-line-3", "blue flax");
        Assert.Empty((await _program.Get("/api/lots")).AsArray());
        b.Press("Keep 1 new row");
        b.Says("intake-report", "1");
        Assert.Single((await _program.Get("/api/lots")).AsArray());
        Assert.Empty(b.Complaints());
    }
}
