using System.Net.Http.Headers;
using System.Text.Json.Nodes;
using SkiaSharp;

namespace Gassel.Web.Tests;

/// <summary>A photo of seed as it is sent: decoded, looked at, not kept.</summary>
public sealed class SeedPhotoTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private async Task<(int Status, JsonNode Body)> Look(byte[] picture, string query = "", string type = "image/jpeg")
    {
        using var content = new ByteArrayContent(picture);
        content.Headers.ContentType = new MediaTypeHeaderValue(type);
        using var answer = await _book.Http.PostAsync($"/api/seed-photo{query}", content, TestContext.Current.CancellationToken);
        return ((int)answer.StatusCode, JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!);
    }

    /// <summary>Forty seeds of 5 mm by 3 mm in rows, brown on white, and a blue card of 85.6 mm; 10 pixels to the millimetre.</summary>
    private static byte[] Picture(SKEncodedImageFormat format)
    {
        using var bitmap = new SKBitmap(1600, 1200);
        using (var canvas = new SKCanvas(bitmap))
        using (var pen = new SKPaint { IsAntialias = true })
        {
            canvas.Clear(new SKColor(245, 240, 230));
            pen.Color = new SKColor(30, 50, 120);
            canvas.DrawRect(40, 40, 856, 540, pen);
            pen.Color = new SKColor(90, 60, 30);
            for (var i = 0; i < 40; i++)
            {
                canvas.Save();
                canvas.Translate(100 + (i % 10 * 140), 680 + (i / 10 * 120));
                canvas.RotateDegrees(i * 23);
                canvas.DrawOval(0, 0, 25, 15, pen);
                canvas.Restore();
            }
        }
        using var data = bitmap.Encode(format, 90);
        return data.ToArray();
    }

    [Theory]
    [InlineData(SKEncodedImageFormat.Jpeg)]
    [InlineData(SKEncodedImageFormat.Png)]
    [InlineData(SKEncodedImageFormat.Webp)]
    public async Task Seed_is_counted_and_measured_whatever_the_picture_is_packed_in(SKEncodedImageFormat format)
    {
        var (status, view) = await Look(Picture(format));
        Assert.True(status == 200, view.ToJsonString());
        var seen = view["seen"]!;
        Assert.Equal(40, seen["count"]!.GetValue<int>());
        Assert.Equal(10, seen["pixelsPerMm"]!.GetValue<double>(), 0.1);
        Assert.Equal(5, seen["length"]!["middle"]!.GetValue<double>(), 0.15);
        Assert.Equal(3, seen["width"]!["middle"]!.GetValue<double>(), 0.15);
        // a card of another size measures otherwise
        var (_, half) = await Look(Picture(format), "?cardMm=42.8");
        Assert.Equal(2.5, half["seen"]!["length"]!["middle"]!.GetValue<double>(), 0.1);
        Assert.Empty(Directory.GetFiles(_book.Folder, "*.jpg", SearchOption.AllDirectories));
    }

    [Theory]
    [InlineData("?cardMm=2", "cardMm")]
    [InlineData("?pixelsPerMm=-1", "pixelsPerMm")]
    [InlineData("", "photo")]
    public async Task What_is_no_picture_or_no_size_is_refused(string query, string field)
    {
        var (status, problem) = await Look("no picture"u8.ToArray(), query);
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task A_picture_that_breaks_off_is_refused()
    {
        var whole = Picture(SKEncodedImageFormat.Png);
        var (status, problem) = await Look(whole[..60], type: "image/png");
        Assert.Equal((400, "photo"), (status, problem["field"]!.GetValue<string>()));
    }
}
