using Gassel.Core.Record;

namespace Gassel.Web.Features.Calculators;

/// <param name="Moisture">Of the mix by the squeeze.</param>
/// <param name="Mould">Only beside moisture.</param>
/// <param name="Surface">Of the mix by its colour.</param>
/// <param name="Emerged">New seedlings; null where nobody counted.</param>
/// <param name="Lost">Seedlings lost since the last look.</param>
/// <param name="Cause">Of the loss.</param>
/// <param name="Seen">What was seen to be wrong.</param>
public sealed record CausesLook(
    DateOnly On,
    Moisture? Moisture = null,
    MouldSeen Mould = MouldSeen.None,
    SurfaceSeen? Surface = null,
    int? Emerged = null,
    int Lost = 0,
    LossCause Cause = LossCause.Unknown,
    Symptom? Seen = null
);
