using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Season;

/// <summary>One batch along the winter, by the part that holds most of its seed.</summary>
/// <param name="Place">Where it stands; null before it began.</param>
/// <param name="Parts">How many parts it lives in.</param>
/// <param name="LateDays">By the work that is longest overdue.</param>
/// <param name="MissesBy">Days by which it misses its target at the usual pace.</param>
/// <param name="Window">Days on which it may begin; null once it has.</param>
public sealed record SeasonRow(
    Guid Id,
    int Number,
    string SpeciesId,
    string CommonName,
    HazardLevel Hazard,
    PlaceKind? Place,
    int Parts,
    int LateDays,
    int MissesBy,
    bool InReach,
    DateOnly Target,
    SeasonWindow? Window,
    IReadOnlyList<SeasonStretch> Ribbon
);
