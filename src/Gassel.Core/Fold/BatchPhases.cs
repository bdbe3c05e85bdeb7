using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>How far batches are.</summary>
public static class BatchPhases
{
    /// <summary>The part that is furthest has the say, but a batch is finished only with its last part.</summary>
    public static BatchPhase Of(BatchPlan plan, BatchState state)
    {
        if (state.BooksClosedOn is not null)
            return BatchPhase.Closed;
        if (!state.Started)
            return BatchPhase.Planned;
        if (state.Living.All(p => p.IsDone(plan)))
            return BatchPhase.Finished;
        if (state.Plants.Stages.Any(s => s.Stage > PlantStage.Seedling && s.Reached > 0))
            return BatchPhase.GrowingOn;
        return state.Living.Any(p => p.SownOn is not null) ? BatchPhase.Sown : BatchPhase.InTreatment;
    }
}
