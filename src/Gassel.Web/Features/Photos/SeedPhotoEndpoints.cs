using Gassel.Core.Record;
using Gassel.Core.Sight;
using Gassel.Data.People;
using Gassel.Data.Photos;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using SkiaSharp;

namespace Gassel.Web.Features.Photos;

/// <summary>Seed counted and measured in a photo. The photo is looked at and not kept.</summary>
internal static class SeedPhotoEndpoints
{
    /// <summary>Longest side that is looked at, pixels.</summary>
    private const int Longest = 2000;

    private const long MostPixels = 60_000_000;

    public static void MapSeedPhoto(this RouteGroupBuilder api) =>
        api.MapPost("/seed-photo", Look)
            .For(Role.Volunteer)
            .Accepts<byte[]>("image/jpeg", "image/png", "image/webp")
            .WithMetadata(new RequestSizeLimitAttribute(PhotoFolder.MostBytes))
            .ProducesProblem(400)
            .ProducesProblem(413)
            .ProducesProblem(415);

    /// <param name="cardMm">Longer side of the card, mm, 5 to 500; that of a bank card where left out.</param>
    /// <param name="pixelsPerMm">Measured by hand in the picture as it is sent, 0.5 to 500; left out to look for the card.</param>
    private static async Task<Results<Ok<SeedPhotoView>, ProblemHttpResult>> Look(
        double? cardMm,
        double? pixelsPerMm,
        HttpRequest request,
        CancellationToken cancel
    )
    {
        var refusal = (cardMm is { } card ? Limits.Number("cardMm", card, 5, 500) : null)
            ?? (pixelsPerMm is { } scale ? Limits.Number("pixelsPerMm", scale, 0.5, 500) : null);
        if (refusal is not null)
            return refusal.ToResult();
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, cancel);
        var bytes = body.ToArray();
        if (PhotoName.Of(bytes) is null)
            return new Refusal("photo", "The file is no JPEG, PNG or WebP, whatever it is called.").ToResult();
        var (picture, by) = await Task.Run(() => Grey(bytes), cancel);
        if (picture is null)
            return new Refusal("photo", "The picture is damaged, or larger than 60 million pixels.").ToResult();
        var seen = await Task.Run(() => SeedSight.Look(picture, cardMm ?? SeedSight.CardMm, pixelsPerMm * by), cancel);
        return TypedResults.Ok(new SeedPhotoView(picture.Width, picture.Height, seen));
    }

    /// <summary>The picture without colour, no larger than it is looked at, and by how much it was made smaller.</summary>
    private static (GreyPicture? Picture, double By) Grey(byte[] bytes)
    {
        using var codec = SKCodec.Create(new SKMemoryStream(bytes));
        if (codec is null || (long)codec.Info.Width * codec.Info.Height > MostPixels)
            return (null, 1);
        using var whole = new SKBitmap(codec.Info.Width, codec.Info.Height, SKColorType.Rgba8888, SKAlphaType.Premul);
        if (codec.GetPixels(whole.Info, whole.GetPixels()) != SKCodecResult.Success)
            return (null, 1);
        var by = Math.Min(1, (double)Longest / Math.Max(whole.Width, whole.Height));
        var size = new SKImageInfo(
            Math.Max(1, (int)Math.Round(whole.Width * by)),
            Math.Max(1, (int)Math.Round(whole.Height * by)),
            SKColorType.Gray8,
            SKAlphaType.Opaque
        );
        using var small = new SKBitmap(size);
        using var image = SKImage.FromBitmap(whole);
        using (var canvas = new SKCanvas(small))
        {
            canvas.Clear(SKColors.White);
            canvas.DrawImage(
                image,
                new SKRect(0, 0, size.Width, size.Height),
                new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear)
            );
        }
        var light = new byte[size.Width * size.Height];
        var rows = small.GetPixelSpan();
        for (var y = 0; y < size.Height; y++)
            rows.Slice(y * small.RowBytes, size.Width).CopyTo(light.AsSpan(y * size.Width));
        return (new(size.Width, size.Height, light), by);
    }
}
