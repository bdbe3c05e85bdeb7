namespace Gassel.Core.Treatments;

public static class StepKinds
{
    /// <summary>Steps in which seed lies moist for days in a bag or jar and is looked at now and then.</summary>
    public static bool IsMoistHold(this StepKind kind) =>
        kind is StepKind.WarmMoist or StepKind.ColdMoist or StepKind.Imbibe or StepKind.SeedVernalization;

    /// <summary>Steps that come before sowing.</summary>
    public static bool IsSeedTreatment(this StepKind kind) => kind < StepKind.Germinate;

    /// <summary>The words of the trade for a step, lower case, as they stand in a sentence.</summary>
    public static string Words(this StepKind kind) =>
        kind switch
        {
            StepKind.DryStore => "dry store",
            StepKind.Scarify => "scarify",
            StepKind.Soak => "soak",
            StepKind.Leach => "leach",
            StepKind.Imbibe => "imbibe",
            StepKind.AfterRipen => "after-ripen",
            StepKind.WarmMoist => "warm-moist",
            StepKind.ColdMoist => "cold-moist",
            StepKind.ColdDry => "cold-dry",
            StepKind.SmokeWater => "smoke water",
            StepKind.GibberellicAcid => "gibberellic acid",
            StepKind.SeedVernalization => "seed vernalization",
            StepKind.Germinate => "germinate",
            StepKind.GrowOn => "grow on",
            StepKind.DormantSeason => "dormant season",
            StepKind.PlantVernalization => "plant vernalization",
            StepKind.HardenOff => "harden off",
            _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, null),
        };
}
