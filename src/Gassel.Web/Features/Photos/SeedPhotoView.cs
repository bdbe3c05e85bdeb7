using Gassel.Core.Sight;

namespace Gassel.Web.Features.Photos;

/// <summary>What a photo of seed shows.</summary>
/// <param name="Width">Of the picture that was looked at, pixels; places in it are told in these.</param>
public sealed record SeedPhotoView(int Width, int Height, SeedsSeen Seen);
