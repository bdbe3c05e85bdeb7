namespace Gassel.Core.Record;

public static class PlantStages
{
    public static IReadOnlyList<PlantStage> All { get; } = Enum.GetValues<PlantStage>();
}
