using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Diagnosis;

/// <summary>How seed was sown, and what was expected of it.</summary>
/// <param name="DaysToEmergence">Days from sowing in which seedlings are expected.</param>
/// <param name="Expected">Share expected to come up, 0..1; null where nobody knows.</param>
/// <param name="DepthMm">Null where it is not on record, as with the cover.</param>
/// <param name="AssumedC">What the grower assumes of the place, °C.</param>
/// <param name="Cut">Its seeds that did not come up and were cut open on the day of judgement; null where none were.</param>
public sealed record JudgedSowing(
    DateOnly On,
    int Seeds,
    DurationRange DaysToEmergence,
    double? Expected,
    double? DepthMm,
    SowCover? Cover,
    PlaceKind Place,
    double AssumedC,
    CutTest? Cut = null
);
