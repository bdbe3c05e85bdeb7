using Gassel.Core.Fold;
using Gassel.Web.Features.Batches;

namespace Gassel.Web.Features.Lists;

/// <summary>A batch in the list.</summary>
/// <param name="Places">Ids of the places where it stands, that of most seed first.</param>
/// <param name="DueOn">When it next asks for something; null where nothing is to come.</param>
/// <param name="LateDays">Of the latest thing it asks for; 0 where nothing is late.</param>
public sealed record BatchLine(
    BatchSummary Batch,
    BatchPhase Phase,
    IReadOnlyList<string> Places,
    DateOnly? DueOn,
    int LateDays,
    IReadOnlyList<BatchTrouble> Troubles
);
