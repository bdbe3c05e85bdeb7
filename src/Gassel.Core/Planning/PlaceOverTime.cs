using Gassel.Core.Record;

namespace Gassel.Core.Planning;

/// <param name="Overflows">Stretches with more than fits.</param>
/// <param name="Suggestion">What would resolve the first of them; null without any.</param>
public sealed record PlaceOverTime(
    PlaceKind Place,
    string Unit,
    int? Capacity,
    IReadOnlyList<SpaceStretch> Stretches,
    IReadOnlyList<SpaceStretch> Overflows,
    string? Suggestion
);
