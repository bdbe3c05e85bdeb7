namespace Gassel.Core.Sight;

/// <summary>A picture without colour.</summary>
/// <param name="Light">Row by row, 0 black to 255 white; <paramref name="Width"/> × <paramref name="Height"/> of them.</param>
public sealed record GreyPicture(int Width, int Height, byte[] Light);
