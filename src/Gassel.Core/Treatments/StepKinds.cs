namespace Gassel.Core.Treatments;

public static class StepKinds
{
    /// <summary>Steps in which seed lies moist for days in a bag or jar and is looked at now and then.</summary>
    public static bool IsMoistHold(this StepKind kind) =>
        kind is StepKind.WarmMoist or StepKind.ColdMoist or StepKind.Imbibe or StepKind.SeedVernalization;

    /// <summary>Steps that come before sowing.</summary>
    public static bool IsSeedTreatment(this StepKind kind) => kind < StepKind.Germinate;
}
