namespace Gassel.Core.Record;

public enum ContainerMix
{
    /// <summary>Seed mix: feed after the true leaves.</summary>
    [Words("low-nutrient seed mix")]
    LowNutrient,

    /// <summary>Potting mix.</summary>
    [Words("potting mix with nutrients")]
    WithNutrients,
}
