using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>A check as recorded.</summary>
/// <param name="Sequence">Of its entry.</param>
public sealed record CheckRecord(
    Guid Entry,
    DateOnly On,
    Moisture Moisture,
    MouldSeen Mould,
    int Sprouted,
    double? PlaceC = null,
    long Sequence = 0
);
