using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>A check as recorded.</summary>
/// <param name="Sequence">Of its entry.</param>
/// <param name="Care">What was done at it; null where nobody was asked.</param>
public sealed record CheckRecord(
    Guid Entry,
    DateOnly On,
    Moisture Moisture,
    MouldSeen Mould,
    int Sprouted,
    double? PlaceC = null,
    long Sequence = 0,
    IReadOnlyList<BagCare>? Care = null
)
{
    /// <summary>Found dry and left so. A look from before it was asked what was done is taken to have wetted it.</summary>
    public bool LeftDry => Moisture == Moisture.Dry && Care is { } care && !care.Any(c => c is BagCare.Wetted or BagCare.NewMedium);
}
