using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>Plants lost at a stage to a cause.</summary>
public readonly record struct StageLoss(PlantStage Stage, LossCause Cause, int Plants);
