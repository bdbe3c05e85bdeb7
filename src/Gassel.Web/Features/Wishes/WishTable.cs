using Gassel.Web.Problems;

namespace Gassel.Web.Features.Wishes;

/// <summary>Lines of a wish list, as they are pasted.</summary>
internal static class WishTable
{
    private static readonly string[] Columns = ["species", "plants", "when", "lot", "for", "priority", "area", "spacing", "route"];
    private static readonly PastedTable Table = new(Columns, needed: 2);

    public static (IReadOnlyList<WishLine>? Lines, Refusal? Refusal) Read(string text)
    {
        var (lines, refusal) = Table.Read(text);
        return (lines?.Select(c => new WishLine(c[0], c[1], c[2], c[3], c[4], c[5], c[6], c[7], c[8])).ToList(), refusal);
    }
}
