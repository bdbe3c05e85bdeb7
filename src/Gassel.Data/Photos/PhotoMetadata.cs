namespace Gassel.Data.Photos;

/// <summary>
/// Whether a picture tells where and with what it was taken: EXIF, XMP, IPTC (by the marks of JPEG, PNG and WebP, from memory). The page
/// draws a picture anew before it sends it, so none of its own has them.
/// </summary>
public static class PhotoMetadata
{
    public static bool IsIn(ReadOnlySpan<byte> picture) =>
        picture.StartsWith((ReadOnlySpan<byte>)[0xFF, 0xD8]) ? InJpeg(picture)
        : picture.StartsWith("RIFF"u8) ? InWebp(picture)
        : InPng(picture);

    /// <summary>
    /// Segments of applications before the picture itself; the first (JFIF), that of colours and that of Adobe tell nothing.
    /// </summary>
    private static bool InJpeg(ReadOnlySpan<byte> picture)
    {
        for (var at = 2; at + 4 <= picture.Length && picture[at] == 0xFF; )
        {
            var mark = picture[at + 1];
            if (mark is 0xE1 or 0xED or 0xFE)
                return true;
            if (mark == 0xDA)
                return false;
            at += 2 + ((picture[at + 2] << 8) | picture[at + 3]);
        }
        return false;
    }

    private static bool InPng(ReadOnlySpan<byte> picture)
    {
        for (long at = 8; at + 8 <= picture.Length; )
        {
            var chunk = picture[(int)at..];
            var kind = chunk.Slice(4, 4);
            if (
                kind.SequenceEqual("eXIf"u8)
                || kind.SequenceEqual("tEXt"u8)
                || kind.SequenceEqual("iTXt"u8)
                || kind.SequenceEqual("zTXt"u8)
            )
                return true;
            at += 12L + System.Buffers.Binary.BinaryPrimitives.ReadUInt32BigEndian(chunk);
        }
        return false;
    }

    private static bool InWebp(ReadOnlySpan<byte> picture)
    {
        for (long at = 12; at + 8 <= picture.Length; )
        {
            var chunk = picture[(int)at..];
            if (chunk.StartsWith("EXIF"u8) || chunk.StartsWith("XMP "u8))
                return true;
            var size = System.Buffers.Binary.BinaryPrimitives.ReadUInt32LittleEndian(chunk[4..]);
            at += 8L + size + (size & 1);
        }
        return false;
    }
}
