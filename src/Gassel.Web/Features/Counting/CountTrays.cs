using Gassel.Core.Batches;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Rounds;
using Gassel.Web.Hosting;

namespace Gassel.Web.Features.Counting;

/// <summary>A sown part as it stands before the one who counts it: all that counting needs, so that it can be kept on a phone.</summary>
/// <param name="PlaceName">Where it stands.</param>
/// <param name="LongestDays">Up to so many days after sowing seedlings are expected; null where the route does not say.</param>
/// <param name="Due">The count that is asked for; null where none is.</param>
/// <param name="Counts">By day, the first first.</param>
public sealed record CountTray(
    Guid BatchId, int Number, string CommonName, string Part, Vessel? Vessel, string PlaceName, DateOnly SownOn, int? LongestDays,
    int Seeds, int Emerged, int Lost, int Standing, StandingDue? Due, IReadOnlyList<CountRecord> Counts);

/// <param name="Trays">The one that waits longest first; those that ask for no count last.</param>
public sealed record CountTraysView(DateOnly Today, IReadOnlyList<CountTray> Trays);

internal static class CountTrays
{
    public static async Task<CountTraysView> Standing(Library library, BatchShelf shelf, SiteClock clock)
    {
        var species = (await library.Species()).ToDictionary(s => s.Id);
        var places = await library.Places();
        var trays = (await shelf.All()).SelectMany(b => Of(b, species[b.Row.SpeciesId], places, clock.Today));
        return new(clock.Today, [.. trays.OrderBy(t => t.Due?.Due.DueOn ?? DateOnly.MaxValue).ThenBy(t => t.Number)]);
    }

    private static IEnumerable<CountTray> Of(ShelvedBatch batch, Core.Treatments.Species species, IReadOnlyList<Place> places, DateOnly today)
    {
        var due = DueWork.For(batch.Plan, batch.State, species, today).Where(d => d.Kind == DueKind.CountSeedlings).ToDictionary(d => d.Part);
        var longest = batch.Plan.Steps.FirstOrDefault(s => s.Step.Kind == StepKind.Germinate)?.Step.Days.Longest;
        foreach (var part in batch.State.Living.Where(p => p.SownOn is not null && !p.IsDone(batch.Plan)))
        {
            yield return new(batch.Row.Id, batch.Row.Number, species.CommonName, part.Id, part.Vessel,
                places.FirstOrDefault(p => p.Id == part.Place)?.Name ?? "", part.SownOn!.Value, longest, part.Seeds, part.Emerged, part.Lost, part.Standing,
                due.TryGetValue(part.Id, out var count) ? RoundsEndpoints.Explain(count, batch.Plan, species, places) : null, part.Counts);
        }
    }
}
