using OpenQA.Selenium;
using SkiaSharp;

namespace Gassel.Browser.Tests;

/// <summary>The number of a lot counted in a photo, mended by a tap.</summary>
public sealed class SeedPhotoTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: false);
    private readonly Browser _browser;
    private readonly string _photo = Path.Combine(Path.GetTempPath(), $"gassel-seed-{Guid.NewGuid():N}.jpg");

    public SeedPhotoTests() => _browser = new(_program.Address);

    public void Dispose()
    {
        _browser.Dispose();
        _program.Dispose();
        File.Delete(_photo);
    }

    [Fact]
    public void Seed_in_a_photo_is_counted_mended_and_taken_for_the_lot()
    {
        var b = _browser;
        b.NameSite();
        Draw();
        b.Open("/seed?new=balsamroot");
        b.Press("Count in a photo");
        b.SeeTest("seed-photo-how");
        b.Driver.FindElement(By.CssSelector("[data-testid='seed-photo-file']")).SendKeys(_photo);
        b.Says("seed-photo-says", "30");
        b.Says("seed-sizes", "5.0 mm");
        // a tap in its middle, between two rows, puts a seed there
        b.Click(By.CssSelector("[data-testid='seed-photo']"));
        b.Says("seed-photo-says", "31", "30");
        b.Press("Use 31 seeds");
        b.SeeNoMore(By.CssSelector("[data-testid='seed-photo']"));
        Assert.Equal("31", b.See(By.CssSelector("input[name='counted']")).GetDomProperty("value"));
        Assert.Empty(b.Complaints());
    }

    /// <summary>Thirty seeds of 5 mm by 3 mm below a card, 10 pixels to the millimetre.</summary>
    private void Draw()
    {
        using var bitmap = new SKBitmap(1600, 1300);
        using (var canvas = new SKCanvas(bitmap))
        using (var pen = new SKPaint { IsAntialias = true })
        {
            canvas.Clear(new SKColor(240, 240, 235));
            pen.Color = new SKColor(60, 60, 70);
            canvas.DrawRect(40, 40, 856, 540, pen);
            for (var i = 0; i < 30; i++)
            {
                canvas.Save();
                canvas.Translate(100 + (i % 10 * 140), 780 + (i / 10 * 160));
                canvas.RotateDegrees(i * 23);
                canvas.DrawOval(0, 0, 25, 15, pen);
                canvas.Restore();
            }
        }
        using var data = bitmap.Encode(SKEncodedImageFormat.Jpeg, 90);
        File.WriteAllBytes(_photo, data.ToArray());
    }
}
