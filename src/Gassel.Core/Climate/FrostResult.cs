namespace Gassel.Core.Climate;

/// <param name="LastSpring">Null where no spring had a frost.</param>
/// <param name="YearsUsed">Years of which either half counts.</param>
public sealed record FrostResult(
    IReadOnlyList<FrostYear> Years,
    FrostQuantiles? LastSpring,
    FrostQuantiles? FirstAutumn,
    FrostRisk Risk,
    int YearsUsed,
    int SpringYearsUsed,
    int AutumnYearsUsed,
    int FrostFreeSprings,
    int FrostFreeAutumns,
    IReadOnlyList<string> Working
);
