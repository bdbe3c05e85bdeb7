using Gassel.Core.Record;
using Gassel.Data.People;
using Gassel.Data.Photos;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Gassel.Web.Features.Photos;

/// <summary>Pictures that entries speak of. A picture is sent first, its entry after it.</summary>
internal static class PhotoEndpoints
{
    public static void MapPhotos(this RouteGroupBuilder api)
    {
        api.MapPut("/photos/{name}", Keep)
            .For(Role.Volunteer)
            .Accepts<byte[]>("image/jpeg", "image/png", "image/webp")
            .WithMetadata(new RequestSizeLimitAttribute(PhotoFolder.MostBytes))
            .ProducesProblem(400)
            .ProducesProblem(413)
            .ProducesProblem(415);
        api.MapGet("/photos/{name}", Show).Produces<byte[]>(200, "image/jpeg").ProducesProblem(404);
    }

    private static async Task<Results<Ok<PhotoKept>, ProblemHttpResult>> Keep(
        string name,
        HttpRequest request,
        PhotoFolder photos,
        CancellationToken cancel
    )
    {
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, cancel);
        var picture = body.ToArray();
        if (!PhotoName.IsValid(name))
            return new Refusal("name", $"name was '{name}'; valid is {PhotoName.Valid}.").ToResult();
        if (PhotoName.Of(picture) is not { } by)
            return new Refusal("photo", "The file is no JPEG, PNG or WebP, whatever it is called.").ToResult();
        if (by != name)
            return new Refusal("name", $"The picture does not have the sum that its name says; by its bytes it is {by}.").ToResult();
        if (PhotoMetadata.IsIn(picture))
        {
            return new Refusal(
                "photo",
                "The picture says where or with what it was taken (EXIF, XMP or a comment). Send it without, as the page does."
            ).ToResult();
        }
        photos.Keep(name, picture);
        return TypedResults.Ok(new PhotoKept(name, picture.Length));
    }

    /// <summary>Never changes, so a device asks once; never anything but a picture.</summary>
    private static IResult Show(string name, HttpResponse response, PhotoFolder photos)
    {
        if (photos.Find(name) is not { } path)
            return Refusal.NotFound("photo", name, "It was not sent, or lies beside another book.").ToResult();
        response.Headers.CacheControl = "private, max-age=31536000, immutable";
        response.Headers.XContentTypeOptions = "nosniff";
        return Results.File(path, PhotoName.MediaType(name));
    }
}
