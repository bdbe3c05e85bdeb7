using Gassel.Core.Record;

namespace Gassel.Core.Yard;

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
    public double NightSkyK =>
        Shelter != Shelter.None
            ? 0
            : Exposure switch
            {
                Exposure.Open => 3,
                Exposure.Eaves => 0.5,
                _ => 1.5,
            };

    /// <summary>Of the sun on open ground.</summary>
    public double SunShare =>
        (Shelter, Exposure) switch
        {
            (Shelter.CarriedIn, _) => 0,
            (Shelter.Covered, _) => CoveredSun,
            (_, Exposure.SouthWall) => 1.2,
            (_, Exposure.Shade) => 0.3,
            _ => 1,
        };
}
