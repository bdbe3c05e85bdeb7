using Gassel.Web.Features.Rounds;

namespace Gassel.Web.Features.Batches;

/// <param name="Batches">Of the gesture, in its order.</param>
/// <param name="Rounds">What is otherwise on Rounds; null where that was not asked for or concerns more than these batches.</param>
/// <param name="Batch">The batch as it stands now; null where that was not asked for or cannot be computed.</param>
public sealed record Recorded(IReadOnlyList<Recording> Batches, RoundsChange? Rounds, BatchView? Batch);
