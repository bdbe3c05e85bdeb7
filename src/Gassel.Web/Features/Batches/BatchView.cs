using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Growing;
using Gassel.Core.Places;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Batches;

/// <summary>A batch in a list.</summary>
/// <param name="Status">Where it stands, in a few words.</param>
/// <param name="InTrouble">True where a place hurts seed of it now: too warm, frozen, or hot.</param>
public sealed record BatchSummary(
    Guid Id, int Number, string SpeciesId, string CommonName, string ScientificName, int LotId, string Status,
    int Seeds, int Germinated, int Standing, int Conflicts, DateOnly Start, DateOnly Finish, IReadOnlyList<RibbonStretch> Ribbon, bool InTrouble, string? Name, DateOnly? DiscardedOn);

/// <param name="Ribbon">What was, is and follows.</param>
/// <param name="Result">Counts since its own sowing; null before sowing.</param>
/// <param name="Roots">Roots since its sowing, for kinds that root one season and shoot the next; null for others.</param>
/// <param name="Outlook">What follows from what happened; null for a part that is divided or done.</param>
/// <param name="Looks">Days on which it is looked at, still to come; empty outside a moist step.</param>
/// <param name="Window">Days from its sowing in which it is expected to come up; null before sowing.</param>
/// <param name="Cold">The cold it has had in the step it is in; null outside a cold step.</param>
/// <param name="Warmth">How warm it is against the band of the species, where it is to come up and the place was measured; null elsewhere.</param>
/// <param name="Vernalization">Cold towards flowering; null for a part whose route has none, or that has not come to it.</param>
/// <param name="Clock">Where true leaves are looked for or seedlings crowd; null without seedlings, and for kinds that make one leaf.</param>
/// <param name="Hardening">Day by day; null outside that step.</param>
/// <param name="Troubles">What happened to the place while it stood there, since the present step began; those that last at the end.</param>
public sealed record PartView(PartState State, IReadOnlyList<RibbonStretch> Ribbon, GerminationResult? Result, GerminationResult? Roots, PartOutlook? Outlook, ColdSoFar? Cold, GerminationWarmth? Warmth, Vernalization? Vernalization, SeedlingClock? Clock, HardeningPlan? Hardening, IReadOnlyList<PlaceTrouble> Troubles, DurationRange? Window, IReadOnlyList<DateOnly> Looks)
{
    /// <summary>The same crowd in words; null with the clock.</summary>
    public string? CrowdWords => Clock?.Crowding.Words;
}

/// <summary>A line of the log, newest last.</summary>
/// <param name="Words">What was done, in a sentence.</param>
/// <param name="Conflict">Why it does not count; null where it does.</param>
public sealed record LogLine(
    Guid Id, Guid Act, DateOnly DoneOn, DateTimeOffset RecordedAt, string Who, EntrySource Source, string Words, EntryFate Fate, string? Conflict);

/// <param name="Germination">Null before the first step.</param>
/// <param name="Plants">By stage, over all parts.</param>
/// <param name="BooksClosedOn">Null while they are open.</param>
/// <param name="PlantingOut">When its plants may go into the ground.</param>
/// <param name="LeftOver">Planted against wanted, in words; null before the first is planted.</param>
/// <param name="Cautions">For each step of the route.</param>
public sealed record BatchView(
    BatchSummary Summary,
    BatchPlan Plan,
    Core.Treatments.Species Species,
    IReadOnlyList<PartView> Parts,
    BatchGermination? Germination,
    IReadOnlyList<DueItem> Due,
    IReadOnlyList<LogLine> Log,
    PlantTally Plants,
    DateOnly? BooksClosedOn,
    PlantingOut PlantingOut,
    string? LeftOver,
    IReadOnlyList<IReadOnlyList<Caution>> Cautions);
