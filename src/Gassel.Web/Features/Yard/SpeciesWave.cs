using Gassel.Core.Yard;

namespace Gassel.Web.Features.Yard;

/// <summary>When a species goes out, over the winters on record.</summary>
/// <param name="Wave">Into which wave it falls, in words.</param>
/// <param name="ColdDays">Days of cold by weight that it needs at least.</param>
/// <param name="UsualColdDays">What is usual; null where that is what is needed.</param>
public sealed record SpeciesWave(
    string SpeciesId,
    string CommonName,
    string RouteId,
    double ColdDays,
    double? UsualColdDays,
    double KillC,
    SetOutResult SetOut,
    string Wave
);
