namespace Gassel.Data.Rows;

/// <summary>What a simulated device plays.</summary>
public enum SimulatedBehaviour
{
    Steady,

    /// <summary>It warms up: a door ajar, a thermostat stuck.</summary>
    Warming,

    /// <summary>It freezes.</summary>
    Freezing,
    Silent,

    /// <summary>Now and then it says 40 °C more.</summary>
    Jumping,
}
