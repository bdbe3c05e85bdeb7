using Gassel.Core.Diagnosis;

namespace Gassel.Web.Features.Calculators;

/// <summary>The record of one sowing, given whole.</summary>
/// <param name="Steps">All that its route asked before sowing, in order, done or not; at most 20.</param>
/// <param name="Looks">At the tray since sowing, in any order; at most 1,000.</param>
/// <param name="Temperatures">Of the mix where it was sown, days in order; none where nobody measured.</param>
/// <param name="Lot">Null where nothing is known of the seed.</param>
/// <param name="On">Day of judgement.</param>
public sealed record CausesRequest(
    CausesSpecies Species,
    IReadOnlyList<CausesStep> Steps,
    CausesSowing Sowing,
    DateOnly On,
    IReadOnlyList<JudgedLook>? Looks = null,
    IReadOnlyList<DayRangeInput>? Temperatures = null,
    CausesLot? Lot = null
);
