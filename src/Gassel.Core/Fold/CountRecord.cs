using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>A count as recorded.</summary>
public sealed record CountRecord(
    Guid Entry,
    DateOnly On,
    int Emerged,
    int Lost,
    LossCause Cause,
    int Rooted = 0,
    IReadOnlyList<CountSpot>? Spots = null
);
