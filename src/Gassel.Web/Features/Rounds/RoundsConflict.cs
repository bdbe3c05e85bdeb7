namespace Gassel.Web.Features.Rounds;

/// <summary>An entry that cannot be true beside the others, for the grower to settle.</summary>
public sealed record RoundsConflict(
    Guid BatchId,
    int Number,
    string CommonName,
    Guid Entry,
    DateOnly DoneOn,
    string Who,
    string Words,
    string Why
);
