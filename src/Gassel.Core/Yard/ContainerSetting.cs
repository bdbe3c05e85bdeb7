namespace Gassel.Core.Yard;

/// <summary>How the top of a container stands.</summary>
public enum CapPosition
{
    On,
    Off,

    /// <summary>Off while the sun is up, on by night.</summary>
    DayOffNightOn,

    /// <summary>The whole top open.</summary>
    Open,
}

/// <summary>What stands around a container. What the sun and the night sky do there is our assumption.</summary>
public enum Exposure
{
    Open,

    /// <summary>Under a roof's edge: little of the night sky, the same sun.</summary>
    Eaves,

    /// <summary>Before a wall that faces the sun: some sun more, half of the night sky.</summary>
    SouthWall,

    /// <summary>Behind a building or under evergreens.</summary>
    Shade,
}

/// <summary>What was done against a freeze.</summary>
public enum Shelter
{
    None,

    /// <summary>Under fleece, straw or a blanket.</summary>
    Covered,

    /// <summary>In a frost-free room.</summary>
    CarriedIn,
}

/// <summary>How a container stands for an hour.</summary>
public readonly record struct ContainerSetting(CapPosition Cap, Exposure Exposure = Exposure.Open, Shelter Shelter = Shelter.None)
{
    /// <summary>A frost-free room in winter, °C (our assumption).</summary>
    public const double CarriedInC = 6;

    /// <summary>Share of the heat that still gets through the wall under a cover (our assumption).</summary>
    public const double CoveredWall = 0.4;

    /// <summary>Share of the sun that gets through a cover (our assumption).</summary>
    private const double CoveredSun = 0.3;

    /// <summary>Colder than the air under a clear sky at night, at most, K.</summary>
    public double NightSkyK => Shelter != Shelter.None ? 0 : Exposure switch { Exposure.Open => 3, Exposure.Eaves => 0.5, _ => 1.5 };

    /// <summary>Of the sun on open ground.</summary>
    public double SunShare => (Shelter, Exposure) switch
    {
        (Shelter.CarriedIn, _) => 0,
        (Shelter.Covered, _) => CoveredSun,
        (_, Exposure.SouthWall) => 1.2,
        (_, Exposure.Shade) => 0.3,
        _ => 1,
    };
}
