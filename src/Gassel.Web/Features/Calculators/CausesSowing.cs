using Gassel.Core.Record;

namespace Gassel.Web.Features.Calculators;

/// <param name="DaysToEmergence">Days from sowing in which seedlings are expected.</param>
/// <param name="Expected">Share expected to come up, above 0 to 1; null where nobody knows.</param>
/// <param name="DepthMm">Null where it is not on record, as with the cover.</param>
/// <param name="Place">A lamp shelf if left out.</param>
/// <param name="AssumedC">What the place is taken to be; 18 °C if left out.</param>
/// <param name="Cut">Seeds that did not come up, cut open on the day of judgement.</param>
public sealed record CausesSowing(
    DateOnly On,
    int Seeds,
    DaysInput DaysToEmergence,
    double? Expected = null,
    double? DepthMm = null,
    SowCover? Cover = null,
    PlaceKind Place = PlaceKind.LampShelf,
    double? AssumedC = null,
    CutTestInput? Cut = null
);
