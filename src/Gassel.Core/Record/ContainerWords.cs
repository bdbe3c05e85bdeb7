namespace Gassel.Core.Record;

/// <summary>Containers in a grower's words.</summary>
public static class ContainerWords
{
    public static string Of(ContainerPreset kind) =>
        kind switch
        {
            ContainerPreset.Jug4 => "4 l milky jug",
            ContainerPreset.Jug2 => "2 l milky jug",
            ContainerPreset.Bottle2 => "2 l clear bottle",
            ContainerPreset.Tub6 => "6 l clear tub",
            ContainerPreset.Pot => "pot under straw",
            ContainerPreset.ColdFrame => "cold frame",
            _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, "no such kind of container"),
        };

    public static string Short(PreparationStep step) =>
        step switch
        {
            PreparationStep.DrainHoles => "drain holes",
            PreparationStep.VentHoles => "vent holes",
            PreparationStep.Hinge => "hinge cut",
            PreparationStep.MixFilled => "mix filled",
            PreparationStep.Moistened => "mix moistened",
            PreparationStep.Sown => "sown",
            PreparationStep.TwoLabels => "two labels",
            PreparationStep.Strawed => "under straw",
            PreparationStep.Taped => "taped",
            _ => throw new ArgumentOutOfRangeException(nameof(step), step, "no such step at the table"),
        };
}
