namespace Gassel.Web.Features.Calculators;

/// <param name="TestSpeaks">False where nothing came up in the test; null without one.</param>
public sealed record SeedsNeededResponse(
    int? Seeds,
    double? ReachProbability,
    double? ExpectedPlants,
    long? NaiveSeeds,
    int? Cells,
    int? Trays,
    double? EmptyCellFraction,
    double? SurplusSeedlings,
    bool? TestSpeaks,
    IReadOnlyList<string> Working
);
