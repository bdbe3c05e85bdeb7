namespace Gassel.Core.Record;

public enum ContainerMix
{
    /// <summary>Seed mix: feed after the true leaves.</summary>
    LowNutrient,

    /// <summary>Potting mix.</summary>
    WithNutrients,
}
