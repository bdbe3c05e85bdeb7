using Gassel.Core.Yard;
using Gassel.Data;

namespace Gassel.Web.Features.Yard;

/// <summary>The same lot by the fridge and by the yard, with the honest intervals of trials.</summary>
internal static class IndoorsOutdoors
{
    public static async Task<IReadOnlyList<LotBothWays>> All(BatchShelf shelf, Library library)
    {
        var species = (await library.Species()).ToDictionary(s => s.Id);
        return
        [
            .. from lot in (await shelf.All()).Where(HasComeToGermination).GroupBy(b => b.Row.LotId)
            let ways = lot.ToLookup(b => b.Plan.Route.IsOutdoors, b => new CountedBatch(b.Row.Number, b.Plan, b.State, b.Entries))
            where ways.Count == 2
            orderby lot.Key
            select LotBothWays.Of(lot.Key, species[lot.First().Row.SpeciesId].CommonName, [.. ways[false]], [.. ways[true]]),
        ];
    }

    private static bool HasComeToGermination(ShelvedBatch batch) => batch.State.Living.Any(p => p.SownOn is not null && p.Counts.Count > 0);
}
