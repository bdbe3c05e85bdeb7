namespace Gassel.Core.Record;

/// <summary>What is done to a container at the table, in order.</summary>
public enum PreparationStep
{
    DrainHoles,
    VentHoles,

    /// <summary>Cut around at a third of the height, a hinge left.</summary>
    Hinge,
    MixFilled,
    Moistened,
    Sown,
    TwoLabels,
    Taped,

    /// <summary>Straw over pots, against heaving.</summary>
    Strawed,
}
