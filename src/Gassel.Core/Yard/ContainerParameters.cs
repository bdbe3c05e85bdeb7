using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <summary>What the container model knows of a container. Every number is our assumption, visible and to be changed.</summary>
/// <param name="AreaM2">Surface of the mix, m².</param>
/// <param name="SideAreaM2">Wall around the mix, m².</param>
/// <param name="WallAreaM2">Wall and lid around the air, m².</param>
/// <param name="MediumL">Mix, litres.</param>
/// <param name="AirL">Air over it, litres.</param>
/// <param name="Transmittance">Share of the sun that the wall lets in, 0..1.</param>
/// <param name="AbsorbedShare">Share of that which the mix takes up; the rest warms the air.</param>
/// <param name="HWm2K">Between mix and air: convection, radiation and evaporation together, W/(m²·K).</param>
/// <param name="UWallWm2K">Through the wall, W/(m²·K).</param>
/// <param name="UBaseWm2K">Between mix and ground, W/(m²·K).</param>
/// <param name="ULidWm2K">Around the air, where that differs from the wall around the mix; null where it does not.</param>
public sealed record ContainerParameters(
    double AreaM2,
    double SideAreaM2,
    double WallAreaM2,
    double MediumL,
    double AirL,
    double Transmittance,
    double AbsorbedShare,
    double HWm2K,
    double UWallWm2K,
    double UBaseWm2K,
    AirChanges AirChangesPerHour,
    double? ULidWm2K = null
)
{
    private const double Milky = 0.5;
    private const double Clear = 0.7;

    public static ContainerParameters Of(ContainerPreset preset) =>
        preset switch
        {
            ContainerPreset.Jug4 => Usual(0.0177, 0.038, 0.100, 1.4, 2.6, Milky, new(1, 40, 1000)),
            ContainerPreset.Jug2 => Usual(0.0113, 0.026, 0.064, 0.79, 1.6, Milky, new(1, 40, 1000)),
            ContainerPreset.Bottle2 => Usual(0.0095, 0.028, 0.072, 0.76, 1.5, Clear, new(1, 40, 1000)),
            ContainerPreset.Tub6 => Usual(0.045, 0.069, 0.105, 3.6, 3.15, Clear, new(1, 20, 1000)),
            ContainerPreset.Pot => Usual(0.0177, 0.066, 0.0177, 2.2, 0.2, 0, new(1000, 1000, 1000)) with { ULidWm2K = 1 },
            ContainerPreset.ColdFrame => Usual(0.72, 0, 1.4, 108, 200, 0.75, new(2, 20, 300)),
            _ => throw new ArgumentOutOfRangeException(nameof(preset), preset, "no such kind of container"),
        };

    /// <summary>A round vessel of one's own, by its volume and height.</summary>
    /// <param name="litres">Of the whole vessel.</param>
    /// <param name="mixCm">Depth of the mix; below the height.</param>
    public static ContainerParameters OfVessel(double litres, double heightCm, double mixCm, double transmittance)
    {
        var area = litres / 1000 / (heightCm / 100);
        var around = 2 * Math.Sqrt(Math.PI * area);
        var mix = Math.Min(mixCm, heightCm * 0.9) / 100;
        return Usual(
            area,
            around * mix,
            (around * ((heightCm / 100) - mix)) + area,
            area * mix * 1000,
            litres - (area * mix * 1000),
            transmittance,
            new(1, 40, 1000)
        );
    }

    private static ContainerParameters Usual(
        double area,
        double side,
        double wall,
        double mediumL,
        double airL,
        double transmittance,
        AirChanges changes
    ) => new(area, side, wall, mediumL, airL, transmittance, AbsorbedShare: 0.6, HWm2K: 15, UWallWm2K: 5, UBaseWm2K: 2, changes);
}
