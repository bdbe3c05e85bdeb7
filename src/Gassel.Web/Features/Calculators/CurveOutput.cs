using Gassel.Core.Germination;

namespace Gassel.Web.Features.Calculators;

public sealed record CurveOutput(
    double MaxFraction,
    double T50,
    double Shape,
    double LogLikelihood,
    bool Extrapolated,
    IReadOnlyList<BandPoint> Band
);
