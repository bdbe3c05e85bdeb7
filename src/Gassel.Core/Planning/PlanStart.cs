namespace Gassel.Core.Planning;

/// <summary>The same as a record, so that a form can begin with it.</summary>
public sealed record PlanStart(StageSurvival Survival, double Confidence, double WholeContainerLoss, int Containers, int WeeksBeforeFreeze)
{
    public static PlanStart Assumed { get; } =
        new(
            StageSurvival.Assumed,
            PlanAssumptions.Confidence,
            PlanAssumptions.WholeContainerLoss,
            PlanAssumptions.Containers,
            PlanAssumptions.WeeksBeforeFreeze
        );
}
