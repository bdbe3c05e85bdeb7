using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Due;

/// <summary>A second cold as it would usually be given to what is left of a sowing.</summary>
/// <param name="Place">Id of the place; null where the book has none that is cold.</param>
/// <param name="Why">Where the days come from.</param>
public sealed record SecondColdOffer(int Days, string? Place, string Why)
{
    /// <summary>For routes without a cold of their own, days (our assumption).</summary>
    public const int UsualDays = 60;

    /// <summary>Null where no seed waits, where it is in the cold already, and where nobody waits for it any more.</summary>
    public static SecondColdOffer? Of(BatchPlan plan, PartState part, IReadOnlyList<Place> places)
    {
        if (part is not { SownOn: not null, ClosedOn: null, SecondCold: null, Waiting: > 0 })
            return null;
        var own = plan.Route.Steps.Where(s => s.Kind == StepKind.ColdMoist).Select(s => s.Days.Usual).DefaultIfEmpty(0).Max();
        var place = UsualPlaces.Of(PlaceKind.ColdShelf, places)?.Id;
        return own > 0
            ? new(own, place, "As long as the usual cold of its route.")
            : new(UsualDays, place, "Its route has no cold; the days are our assumption.");
    }
}
