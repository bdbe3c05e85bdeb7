namespace Gassel.Core.Yard;

/// <summary>
/// How far the numbers of the container model may be off, nine times in ten (our assumption); wall and sun no further than a fit to a
/// thermometer leaves open.
/// </summary>
public static class ContainerDoubts
{
    /// <summary>Each may be so many times as much, or as little.</summary>
    public const double WallTimes = 1.6;
    public const double BetweenTimes = 1.5;
    public const double BaseTimes = 2;
    public const double AirChangesTimes = 2.5;

    /// <summary>Shares of the sun may be off by so much on the logit: a half between a third and two thirds.</summary>
    public const double SunLogit = 0.7;

    /// <summary>The numbers with one of them at its lower and at its upper end, each in turn.</summary>
    /// <param name="fitted">Null where no thermometer lay in one of its kind.</param>
    public static IReadOnlyList<(ContainerParameters Less, ContainerParameters More)> Of(ContainerParameters p, FittedWall? fitted) =>
        [
            (Wall(p, fitted?.WallLow ?? p.UWallWm2K / WallTimes), Wall(p, fitted?.WallHigh ?? p.UWallWm2K * WallTimes)),
            (
                p with
                {
                    Transmittance = fitted?.SunLow ?? Moved(p.Transmittance, -1),
                },
                p with
                {
                    Transmittance = fitted?.SunHigh ?? Moved(p.Transmittance, 1),
                }
            ),
            (p with { AbsorbedShare = Moved(p.AbsorbedShare, -1) }, p with { AbsorbedShare = Moved(p.AbsorbedShare, 1) }),
            (p with { HWm2K = p.HWm2K / BetweenTimes }, p with { HWm2K = p.HWm2K * BetweenTimes }),
            (p with { UBaseWm2K = p.UBaseWm2K / BaseTimes }, p with { UBaseWm2K = p.UBaseWm2K * BaseTimes }),
            (Aired(p, 1 / AirChangesTimes), Aired(p, AirChangesTimes)),
        ];

    /// <summary>The lid changes with the wall.</summary>
    private static ContainerParameters Wall(ContainerParameters p, double wall) =>
        p with
        {
            UWallWm2K = wall,
            ULidWm2K = p.ULidWm2K * wall / p.UWallWm2K,
        };

    private static ContainerParameters Aired(ContainerParameters p, double times) =>
        p with
        {
            AirChangesPerHour = new(p.AirChangesPerHour.On * times, p.AirChangesPerHour.Off * times, p.AirChangesPerHour.Open * times),
        };

    /// <summary>What lets none in lets none in at either end.</summary>
    private static double Moved(double share, int side) =>
        share is <= 0 or >= 1 ? share : 1 / (1 + (1 - share) / share * Math.Exp(-side * SunLogit));

    /// <summary>What a band rests on.</summary>
    public static string Words(FittedWall? fitted) =>
        Text.Of(
            $"Ranges: each number of the model to the end of what is plausible (wall "
                + $"{(fitted is null ? $"{WallTimes:0.#} times" : "as fitted")}, "
                + $"sun {(fitted is null ? "a third more or less" : "as fitted")}, "
                + $"mix to air {BetweenTimes:0.#} times, ground {BaseTimes:0} times, air changes {AirChangesTimes:0.#} times; our "
                + $"assumption), their effects added as squares (JCGM 100:2008). Nine in ten should lie within; how far the forecast is "
                + $"off is not in it."
        );
}
