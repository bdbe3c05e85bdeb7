namespace Gassel.Core.Record;

/// <summary>What is done to a container at the table, in order.</summary>
public enum PreparationStep
{
    [Words("drain holes")]
    DrainHoles,

    [Words("vent holes")]
    VentHoles,

    /// <summary>Cut around at a third of the height, a hinge left.</summary>
    [Words("hinge cut")]
    Hinge,

    [Words("mix filled")]
    MixFilled,

    [Words("mix moistened")]
    Moistened,

    [Words("sown")]
    Sown,

    [Words("two labels")]
    TwoLabels,

    [Words("taped")]
    Taped,

    /// <summary>Straw over pots, against heaving.</summary>
    [Words("under straw")]
    Strawed,
}
