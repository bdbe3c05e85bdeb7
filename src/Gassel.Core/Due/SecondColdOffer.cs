using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Due;

/// <summary>A second cold as it would usually be given to what is left of a sowing.</summary>
/// <param name="Place">Id of the place; null where the book has none that is cold.</param>
/// <param name="Why">Where the days come from.</param>
/// <param name="Worth">What so many days would bring up; null where no batch of the route is over.</param>
public sealed record SecondColdOffer(int Days, string? Place, string Why, string? Worth)
{
    /// <summary>For routes without a cold of their own, days (our assumption).</summary>
    public const int UsualDays = 60;

    /// <summary>Null where no seed waits, where it is in the cold already, and where nobody waits for it any more.</summary>
    /// <param name="cold">What own batches say of the cold of the route; null for none.</param>
    public static SecondColdOffer? Of(BatchPlan plan, PartState part, IReadOnlyList<Place> places, ColdQuestions? cold = null)
    {
        if (part is not { SownOn: not null, ClosedOn: null, SecondCold: null, Waiting: > 0 })
            return null;
        var own = plan.Route.Steps.Where(s => s.Kind == StepKind.ColdMoist).Select(s => s.Days.Usual).DefaultIfEmpty(0).Max();
        var place = UsualPlaces.Of(PlaceKind.ColdShelf, places)?.Id;
        return own > 0
            ? new(own, place, "As long as the usual cold of its route.", cold?.Again(part.Waiting, Had(plan, part), own))
            : new(UsualDays, place, "Its route has no cold; the days are our assumption.", null);
    }

    /// <summary>Days of cold on the calendar, those after sowing too.</summary>
    private static int Had(BatchPlan plan, PartState part) =>
        part.Spans.Where(s => s.End is not null && plan.Steps[s.Step].Step.Kind == StepKind.ColdMoist)
            .Sum(s => s.End!.Value.DayNumber - s.Start.DayNumber)
        + part.ColdsAgain.Where(c => c.End is not null).Sum(c => c.End!.Value.DayNumber - c.From.DayNumber);
}
