using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <param name="Alive">Growing at this stage now.</param>
/// <param name="Dormant">Died back for the season at this stage: alive, and expected to come again.</param>
/// <param name="Lost">Lost at this stage, whatever the cause.</param>
/// <param name="Reached">Came as far as this stage, whatever became of them.</param>
public readonly record struct StageCount(PlantStage Stage, int Alive, int Dormant, int Lost, int Reached);
