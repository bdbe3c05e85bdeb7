using Gassel.Core.Record;

namespace Gassel.Core.Diagnosis;

/// <summary>A look at a bag or tray, and at seedlings: new ones, lost ones, and what was seen to be wrong.</summary>
/// <param name="Moisture">Of the mix by the squeeze; null where nobody squeezed.</param>
/// <param name="Mould">Only beside <paramref name="Moisture"/>.</param>
/// <param name="Surface">Of the mix by its colour; null where nobody said.</param>
/// <param name="Emerged">New seedlings; null where nobody counted.</param>
/// <param name="Lost">Seedlings lost.</param>
/// <param name="Seen">What was seen to be wrong.</param>
public sealed record JudgedLook(
    DateOnly On,
    Moisture? Moisture = null,
    MouldSeen Mould = MouldSeen.None,
    SurfaceSeen? Surface = null,
    int? Emerged = null,
    int Lost = 0,
    LossCause Cause = LossCause.Unknown,
    Symptom? Seen = null
);
