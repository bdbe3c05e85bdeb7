using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>A whole book carried from one Gassel to another, by hand, on the page.</summary>
public sealed class PackageTests : IDisposable
{
    private readonly RunningProgram _demo = new(demo: true);
    private readonly RunningProgram _own = new(demo: false);

    public void Dispose()
    {
        _own.Dispose();
        _demo.Dispose();
    }

    [Fact]
    public async Task The_demo_is_looked_at_taken_in_and_there()
    {
        var file = Path.Combine(Directory.CreateTempSubdirectory("gassel-package-").FullName, "book.zip");
        string batches;
        using (var b = new Browser(_demo.Address))
        {
            b.Open("/batches");
            batches = b.SeeTest("batches-found").Text;
            b.Open("/site/people");
            var link = b.SeeTest("save-package").GetAttribute("href")!;
            using var http = new HttpClient();
            var package = await http.GetByteArrayAsync(link, TestContext.Current.CancellationToken);
            Assert.Equal("43 batches", batches);
            await File.WriteAllBytesAsync(file, package, TestContext.Current.CancellationToken);
            Assert.Empty(b.Complaints());
        }
        using (var b = new Browser(_own.Address))
        {
            b.Open("/site/people");
            b.SeeTest("save-package");
            b.Driver.FindElement(By.CssSelector("[data-testid='package-file']")).SendKeys(file);
            b.InState("package-report", "looked");
            b.SeeTest("package-made-up");
            b.Says("package-entries", "690");
            b.Press("Take it in");
            b.InState("package-report", "takenIn");
            b.Open("/batches");
            b.Says("batches-found", batches);
            b.Type("batches-text", "snowberry");
            b.SeeTest("batch-1");
            // what is no package is told so, and nothing happens
            var other = Path.ChangeExtension(file, ".txt.zip");
            await File.WriteAllTextAsync(other, "no zip", TestContext.Current.CancellationToken);
            b.Open("/site/people");
            b.SeeTest("save-package");
            b.Driver.FindElement(By.CssSelector("[data-testid='package-file']")).SendKeys(other);
            b.Refused("zip");
            Assert.Equal(43, (await _own.Get("/api/batches")).AsArray().Count);
        }
    }
}
