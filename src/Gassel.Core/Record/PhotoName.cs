using System.Security.Cryptography;
using System.Text.RegularExpressions;

namespace Gassel.Core.Record;

/// <summary>
/// A picture is named by what it holds: the SHA-256 of its bytes in small hexadecimal letters, a dot and its kind. The same picture has one
/// name, and a name never comes to mean another.
/// </summary>
public static partial class PhotoName
{
    public const string Valid = "64 small hexadecimal digits (SHA-256) and .jpg, .png or .webp";

    public static bool IsValid(string name) => Shape().IsMatch(name);

    /// <summary>Null where the bytes are none of the three kinds, by what they begin with.</summary>
    public static string? Of(ReadOnlySpan<byte> bytes) =>
        KindOf(bytes) is { } kind ? $"{Convert.ToHexStringLower(SHA256.HashData(bytes))}.{kind}" : null;

    /// <summary>As sent over HTTP.</summary>
    public static string MediaType(string name) =>
        name[^4..] switch
        {
            ".jpg" => "image/jpeg",
            ".png" => "image/png",
            _ => "image/webp",
        };

    private static string? KindOf(ReadOnlySpan<byte> bytes) =>
        bytes.StartsWith((ReadOnlySpan<byte>)[0xFF, 0xD8, 0xFF]) ? "jpg"
        : bytes.StartsWith((ReadOnlySpan<byte>)[0x89, 0x50, 0x4E, 0x47, 0x0D, 0x0A, 0x1A, 0x0A]) ? "png"
        : bytes.StartsWith("RIFF"u8) && bytes.Length > 12 && bytes[8..].StartsWith("WEBP"u8) ? "webp"
        : null;

    [GeneratedRegex(@"^[0-9a-f]{64}\.(jpg|png|webp)\z")]
    private static partial Regex Shape();
}
