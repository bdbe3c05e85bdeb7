namespace Gassel.Core.Record;

/// <summary>What of a part went to another place; there it is a part of its own.</summary>
/// <param name="Part">Id of the new part.</param>
/// <param name="Plants">Plants of the stage that went.</param>
/// <param name="Seeds">Seed that went with them and is not up yet.</param>
/// <param name="Label">What the new vessel is labelled; null where that is the same.</param>
/// <param name="Cells">Cells of the tray that went whole, from 1, row by row; null where nobody named them.</param>
public sealed record MovedSome(
    string Part,
    int Plants,
    PlantStage Stage = PlantStage.Seedling,
    int Seeds = 0,
    string? Label = null,
    IReadOnlyList<int>? Cells = null
);
