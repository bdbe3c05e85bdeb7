using System.Globalization;
using Gassel.Core;
using Gassel.Core.Treatments;
using Gassel.Data;

namespace Gassel.Web.Features.Book;

/// <summary>What growers mean in lines that are typed or pasted: species and lots by their names.</summary>
internal static class NamedInLines
{
    /// <summary>Null where it is in the library.</summary>
    public static (string Why, IReadOnlyList<string> Near)? NoSpecies(IReadOnlyList<Core.Treatments.Species> species, string words)
    {
        if (NameMatch.Exact(species, words) is not null)
            return null;
        var near = NameMatch.Near(species, words);
        return (
            near.Count > 0
                ? $"There is no species '{words}' in the library; which one is meant?"
                : $"There is no species '{words}' in the library; add it there first.",
            near
        );
    }

    /// <summary>Those meant by a number or by where they were gathered.</summary>
    public static IEnumerable<KeptLot> Meant(IEnumerable<KeptLot> lots, string words) =>
        lots.Where(l =>
            l.Id.ToString(CultureInfo.InvariantCulture) == words.Split(' ')[0].TrimStart('#')
            || l.Lot.GatheredAt.Contains(words, StringComparison.OrdinalIgnoreCase)
        );

    /// <summary>A lot as it is offered to choose.</summary>
    public static string Words(KeptLot lot) => Text.Of($"{lot.Id} {lot.Lot.GatheredAt}, {lot.Lot.GatheredOn.Year}");
}
