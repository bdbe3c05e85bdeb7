using Gassel.Core.Germination;

namespace Gassel.Web.Features.Learning;

/// <summary>What own batches of a route say of its cold.</summary>
/// <param name="Curve">Shortest cold first; empty where no line can be laid through the batches.</param>
/// <param name="Batches">Those it goes by, by number.</param>
/// <param name="Words">What a shorter cold costs, or why that cannot be told.</param>
/// <param name="ByThermometer">Whether the cold as measured explains them better; null where too few had a thermometer.</param>
/// <param name="Trial">What would tell it; null where it speaks.</param>
public sealed record ColdLearned(
    IReadOnlyList<ColdPoint> Curve,
    IReadOnlyList<ColdLearnedBatch> Batches,
    bool Speaks,
    string Words,
    string? Trial,
    string? ByThermometer,
    IReadOnlyList<string> Working
);
