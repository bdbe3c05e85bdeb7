namespace Gassel.Core.Treatments;

/// <summary>Finds what a written name means, and asks where it only nearly matches.</summary>
public static class NameMatch
{
    /// <summary>Letters that may differ for a name to be offered (our assumption).</summary>
    private const int NearLetters = 3;

    /// <summary>The species of exactly that common or scientific name; null where none or several have it.</summary>
    public static Species? Exact(IReadOnlyList<Species> all, string name)
    {
        var found = all.Where(s => Same(s.CommonName, name) || Same(s.ScientificName, name) || Same(s.Id, name)).ToList();
        return found.Count == 1 ? found[0] : null;
    }

    /// <summary>Names that it may have been meant for, nearest first; at most four.</summary>
    public static IReadOnlyList<string> Near(IReadOnlyList<Species> all, string name)
    {
        var plain = Plain(name);
        if (plain.Length == 0)
            return [];
        return
        [
            .. all.Select(s =>
                    (s.CommonName, Far: Math.Min(Distance(plain, Plain(s.CommonName)), Distance(plain, Plain(s.ScientificName))))
                )
                .Where(t => t.Far <= NearLetters || Plain(t.CommonName).Contains(plain, StringComparison.Ordinal))
                .OrderBy(t => t.Far)
                .Take(4)
                .Select(t => t.CommonName),
        ];
    }

    /// <summary>Letters to put in, take out or change (Levenshtein 1966).</summary>
    public static int Distance(string a, string b)
    {
        var row = Enumerable.Range(0, b.Length + 1).ToArray();
        for (var i = 1; i <= a.Length; i++)
        {
            var diagonal = row[0];
            row[0] = i;
            for (var j = 1; j <= b.Length; j++)
            {
                var next = Math.Min(Math.Min(row[j], row[j - 1]) + 1, diagonal + (a[i - 1] == b[j - 1] ? 0 : 1));
                (diagonal, row[j]) = (row[j], next);
            }
        }
        return row[^1];
    }

    private static bool Same(string a, string b) => Plain(a) == Plain(b);

    private static string Plain(string name) =>
        string.Join(' ', name.Trim().ToLowerInvariant().Split([' ', '-', '_'], StringSplitOptions.RemoveEmptyEntries));
}
