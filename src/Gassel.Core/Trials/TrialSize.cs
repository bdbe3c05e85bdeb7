namespace Gassel.Core.Trials;

/// <summary>Seeds needed to see a difference.</summary>
/// <param name="SeedsPerArm">For each of two arms.</param>
/// <param name="ExactPower">Of Fisher's exact test at that size, by enumeration; null above <see cref="TrialSizes.MostEnumerated"/> an
/// arm.</param>
/// <param name="AtBest">Null where no number of seeds at hand was given.</param>
/// <param name="SeedsPerArmFisher">The smallest number at which Fisher's exact test, which judges the trial, has the power; null above
/// <see cref="TrialSizes.MostEnumerated"/>.</param>
public sealed record TrialSize(
    long? SeedsPerArm,
    double? ExactPower,
    int? SeedsPerArmFisher,
    AtBest? AtBest,
    IReadOnlyList<string> Working
);
