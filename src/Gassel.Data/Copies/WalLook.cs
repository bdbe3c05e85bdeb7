using System.Buffers.Binary;

namespace Gassel.Data;

/// <summary>
/// Looks at the <c>-wal</c> beside a book before SQLite does. SQLite takes in what it can read of it and passes over the rest without a
/// word; here it is noticed where more was passed over than a power cut leaves half-written, which is never more than the last commit.
/// Layout: https://www.sqlite.org/fileformat2.html#walformat.
/// </summary>
internal static class WalLook
{
    private const int Header = 32;
    private const int FrameHeader = 24;
    private const uint Magic = 0x377f0682;

    /// <summary>Commits that are in the file and cannot be read; 0 where all can, or where no more than the last is torn.</summary>
    public static int CommitsLost(string path)
    {
        using var file = new FileStream(path, FileMode.Open, FileAccess.Read, FileShare.ReadWrite | FileShare.Delete);
        var header = new byte[Header];
        if (file.ReadAtLeast(header, Header, throwOnEndOfStream: false) < Header)
            return 0;
        var pageSize = Word(header, 8);
        var isKnown = (Word(header, 0) & ~1u) == Magic && pageSize is >= 512 and <= 65_536;
        var little = (Word(header, 0) & 1) == 0;
        var sum = Sum((0, 0), header.AsSpan(0, 24), little);
        // a header is of one sector, which a disk writes whole or not at all
        if (!isKnown || sum != (Word(header, 24), Word(header, 28)))
            return file.Length > Header ? 1 : 0;
        var frame = new byte[FrameHeader + pageSize];
        var (isReadable, lost) = (true, 0);
        while (file.ReadAtLeast(frame, frame.Length, throwOnEndOfStream: false) == frame.Length)
        {
            // frames of an earlier turn of the file follow those of this one, with other salts
            var isOfThisTurn = frame.AsSpan(8, 8).SequenceEqual(header.AsSpan(16, 8));
            if (isReadable)
            {
                sum = Sum(Sum(sum, frame.AsSpan(0, 8), little), frame.AsSpan(FrameHeader), little);
                isReadable = isOfThisTurn && sum == (Word(frame, 16), Word(frame, 20));
            }
            if (!isReadable && isOfThisTurn && Word(frame, 4) != 0)
                lost++;
        }
        return lost > 1 ? lost : 0;
    }

    private static uint Word(ReadOnlySpan<byte> bytes, int at) => BinaryPrimitives.ReadUInt32BigEndian(bytes[at..]);

    private static (uint, uint) Sum((uint First, uint Second) before, ReadOnlySpan<byte> bytes, bool little)
    {
        var (first, second) = before;
        for (var at = 0; at < bytes.Length; at += 8)
        {
            first += Read(bytes[at..]) + second;
            second += Read(bytes[(at + 4)..]) + first;
        }
        return (first, second);

        uint Read(ReadOnlySpan<byte> word) =>
            little ? BinaryPrimitives.ReadUInt32LittleEndian(word) : BinaryPrimitives.ReadUInt32BigEndian(word);
    }
}
