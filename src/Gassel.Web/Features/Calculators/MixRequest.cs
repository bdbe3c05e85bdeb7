using Gassel.Core.Planning;
using Gassel.Core.Record;

namespace Gassel.Web.Features.Calculators;

/// <param name="Vessel">Gives the volume where <paramref name="LitresEach"/> is left out.</param>
/// <param name="Parts">By loose volume, such as peat 4 and vermiculite 1.</param>
/// <param name="Settling">0.15 if left out.</param>
/// <param name="Boiled">True where the water is boiled first; false if left out.</param>
public sealed record MixRequest(
    int Count,
    MixVessel Vessel,
    IReadOnlyList<MixShare> Parts,
    double? LitresEach = null,
    double? Settling = null,
    bool? Boiled = null
);
