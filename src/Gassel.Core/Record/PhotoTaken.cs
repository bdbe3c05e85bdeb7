namespace Gassel.Core.Record;

/// <summary>A photo was taken of it; the picture itself lies beside the book.</summary>
/// <param name="Part">Null for the batch as a whole.</param>
/// <param name="Photo">Name of the picture: the SHA-256 of its bytes and its kind, as <see cref="PhotoName"/> has it.</param>
/// <param name="Words">What it shows; null where nobody said.</param>
public sealed record PhotoTaken(string? Part, string Photo, string? Words = null) : EntryPayload;
