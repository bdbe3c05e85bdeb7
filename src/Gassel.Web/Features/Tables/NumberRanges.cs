using System.Globalization;

namespace Gassel.Web.Features.Tables;

/// <summary>Numbers as an address holds them, neighbours drawn together: 1-3,7.</summary>
internal static class NumberRanges
{
    /// <summary>More than any book has.</summary>
    private const int Most = 100_000;

    /// <summary>Null where it is none.</summary>
    public static HashSet<int>? Read(string text)
    {
        var numbers = new HashSet<int>();
        foreach (var piece in text.Split(','))
        {
            var ends = piece.Split('-');
            if (
                ends.Length > 2
                || !int.TryParse(ends[0], NumberStyles.None, CultureInfo.InvariantCulture, out var first)
                || !int.TryParse(ends[^1], NumberStyles.None, CultureInfo.InvariantCulture, out var last)
                || last < first
                || last - first > Most
                || numbers.Count > Most
            )
                return null;
            numbers.UnionWith(Enumerable.Range(first, last - first + 1));
        }
        return numbers;
    }
}
