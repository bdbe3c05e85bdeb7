using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Features.Trials;

namespace Gassel.Web.Features.Rounds;

/// <summary>A vessel standing at a place: one part of a batch.</summary>
/// <param name="Seeds">0 while the batch has not begun; then <paramref name="PlannedSeeds"/> says what is planned.</param>
/// <param name="Step">The step it is in; null before the first and between two.</param>
/// <param name="StepIndex">Its index in the route; null with it.</param>
/// <param name="Day">Days in this step; null with it.</param>
/// <param name="ShortestDays">Of the step it is in, by the route; null with it.</param>
/// <param name="Sprouted">Of the seeds, seen sprouted in the treatment.</param>
/// <param name="SowAllFrom">Newly sprouted seeds from which sowing all is the default; null outside a moist hold.</param>
/// <param name="SowAllBefore">The same for a day before its shortest time was reached.</param>
/// <param name="SproutsTo">Id of the frost-free place for seed that sprouted in the bag; null where the book has none.</param>
/// <param name="Cold">The cold it has had; null outside a cold step.</param>
/// <param name="Warmth">How warm it is against the band of the species, where it is to come up and the place was measured; null
/// elsewhere.</param>
/// <param name="Flowering">Cold towards flowering in a sentence; null where its step is not that.</param>
/// <param name="Hardening">What today is like for plants that harden off; null outside that step.</param>
/// <param name="Plants">By stage; null before the first seedling.</param>
/// <param name="Cares">What may be done to it at a look; empty outside a moist hold.</param>
/// <param name="ToRead">Topics of cautions that want to be read before its seed is touched.</param>
/// <param name="Sowing">How it is usually sown; null once it is, and for seed that goes out with its first cold.</param>
/// <param name="Laid">What a trial wants of its seed; null outside one.</param>
/// <param name="Clump">Several to a cell are divided later, by the plan.</param>
/// <param name="Waiting">Seed of it that was not seen to germinate yet.</param>
/// <param name="NextPart">What a part that is moved away from it is called.</param>
/// <param name="MoveTo">Id of the place that suits it better, where this one is too warm to come up; null elsewhere.</param>
/// <param name="Symptoms">What was seen to be wrong with it and is not gone.</param>
/// <param name="Due">What it asks for, due or not, soonest first.</param>
public sealed record StandingPart(
    Guid BatchId,
    int Number,
    string CommonName,
    HazardLevel Hazard,
    string Part,
    int Seeds,
    int PlannedSeeds,
    int Sprouted,
    int Standing,
    Vessel? Vessel,
    StepKind? Step,
    int? StepIndex,
    int? Day,
    int? PlannedDays,
    int? ShortestDays,
    int? SowAllFrom,
    int? SowAllBefore,
    string? SproutsTo,
    ColdBrief? Cold,
    GerminationWarmth? Warmth,
    string? Flowering,
    HardeningDay? Hardening,
    PlantTally? Plants,
    IReadOnlyList<BagCare> Cares,
    IReadOnlyList<string> ToRead,
    Sown? Sowing,
    LaidSowing? Laid,
    bool Clump,
    int Waiting,
    string NextPart,
    string? MoveTo,
    bool IsSown,
    IReadOnlyList<SymptomTale> Symptoms,
    IReadOnlyList<StandingDue> Due
);
