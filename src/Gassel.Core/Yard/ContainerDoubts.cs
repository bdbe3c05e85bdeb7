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

    /// <summary>The numbers with one of them at its upper end, each in turn.</summary>
    /// <param name="fitted">Null where no thermometer lay in one of its kind.</param>
    public static IReadOnlyList<ContainerParameters> Of(ContainerParameters p, FittedWall? fitted) =>
        [
            p with
            {
                UWallWm2K = fitted?.WallHigh ?? p.UWallWm2K * WallTimes,
                ULidWm2K = p.ULidWm2K is { } lid ? lid * (fitted is { } f ? f.WallHigh / p.UWallWm2K : WallTimes) : null,
            },
            p with
            {
                Transmittance = fitted?.SunHigh ?? More(p.Transmittance),
            },
            p with
            {
                AbsorbedShare = More(p.AbsorbedShare),
            },
            p with
            {
                HWm2K = p.HWm2K * BetweenTimes,
            },
            p with
            {
                UBaseWm2K = p.UBaseWm2K * BaseTimes,
            },
            p with
            {
                AirChangesPerHour = new(
                    p.AirChangesPerHour.On * AirChangesTimes,
                    p.AirChangesPerHour.Off * AirChangesTimes,
                    p.AirChangesPerHour.Open
                ),
            },
        ];

    /// <summary>What none gets in, more of nothing gets in.</summary>
    private static double More(double share) => share is <= 0 or >= 1 ? share : 1 / (1 + (1 - share) / share * Math.Exp(-SunLogit));

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
