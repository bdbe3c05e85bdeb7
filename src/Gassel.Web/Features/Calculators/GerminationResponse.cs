using Gassel.Core.Germination;

namespace Gassel.Web.Features.Calculators;

public sealed record GerminationResponse(
    int Emerged,
    double Fraction,
    FractionInterval Wilson,
    FractionInterval Exact,
    double? FirstDay,
    double? LastDay,
    double? T10,
    double? T25,
    double? T50Farooq,
    double? T50Coolbear,
    double? T75,
    double? T90,
    double? MeanTime,
    double? TimeVariance,
    double? MeanRate,
    double? CoefficientOfVelocity,
    double Speed,
    double? Synchrony,
    double? UncertaintyBits,
    double? Uniformity,
    double? PeakValue,
    double? GerminationValue,
    CurveOutput? Curve,
    AdviceOutput? Advice,
    IReadOnlyList<string> Working
);
