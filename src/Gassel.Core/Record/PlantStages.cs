namespace Gassel.Core.Record;

public static class PlantStages
{
    public static IReadOnlyList<PlantStage> All { get; } = Enum.GetValues<PlantStage>();

    public static string Words(this PlantStage stage) =>
        stage switch
        {
            PlantStage.Seedling => "seedlings",
            PlantStage.PrickedOut => "pricked out",
            PlantStage.Potted => "potted",
            PlantStage.Hardened => "hardened",
            _ => "planted",
        };
}
