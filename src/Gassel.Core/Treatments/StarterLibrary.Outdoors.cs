using static Gassel.Core.Treatments.StepKind;

namespace Gassel.Core.Treatments;

/// <summary>
/// The hands-off routes, made from the durations of the shelf: a lidded container set out in winter, and a bed sown in autumn.
/// </summary>
public static partial class StarterLibrary
{
    /// <summary>
    /// An inland winter is longer than a spell in the fridge, and its frozen days count for nothing (starter values, from memory).
    /// </summary>
    private static DurationRange Winter => new(60, 100, 150);

    private static DurationRange AutumnToSpring => new(120, 165, 210);

    private static IEnumerable<Route> OutdoorRoutes(string species, IReadOnlyList<Route> shelf)
    {
        if (shelf.FirstOrDefault(r => r.Steps.Any(s => s.Kind == ColdMoist)) is not { } like)
            yield break;
        var cold = like.Steps.First(s => s.Kind == ColdMoist).Days;
        var table = like.Steps.TakeWhile(s => s.Kind is not (WarmMoist or ColdMoist)).ToList();
        var warm = like.Steps.FirstOrDefault(s => s.Kind == WarmMoist);
        var comesUp = like.Steps.Single(s => s.Kind == Germinate);
        var growOn = like.Steps.Single(s => s.Kind == GrowOn);
        // seed that wants a warm spell first is late for a container set out in midwinter
        if (warm is null)
        {
            yield return new(
                $"{species}-winter-container",
                1,
                "winter container",
                [
                    .. table,
                    new(
                        ColdMoist,
                        AtLeast(Winter, cold),
                        TemperatureBand.Cold,
                        Note: "Sown into a lidded container and set out in midwinter. Frozen days neither gain nor lose."
                    ),
                    comesUp,
                    growOn with
                    {
                        Note = "In its container outdoors; opened by degrees over a week, no hardening off.",
                    },
                ],
                RouteSetting.WinterContainer
            );
        }
        if (warm is null && cold.Usual < LongCold)
            yield break;
        yield return new(
            $"{species}-autumn-bed",
            1,
            warm is null ? "autumn bed" : "summer bed, two seasons",
            [
                .. table,
                .. warm is null
                    ? Array.Empty<RouteStep>()
                    : [warm with { Note = "In a bed from midsummer on, kept moist: the warm spell." }],
                new(
                    ColdMoist,
                    AtLeast(AutumnToSpring, cold),
                    TemperatureBand.Cold,
                    Note: warm is null
                        ? "Sown into a bed after the first killing frost, under a little grit, netted against mice and birds."
                        : "The winter that follows, in the same bed."
                ),
                comesUp,
                growOn with
                {
                    Note = "In the bed; a second spring may bring more.",
                },
            ],
            RouteSetting.AutumnBed
        );
    }

    /// <summary>Days of cold from which a bed sown in autumn is worth its mice (our assumption).</summary>
    private const int LongCold = 60;

    private static DurationRange AtLeast(DurationRange season, DurationRange need) =>
        new(Math.Max(season.Shortest, need.Shortest), Math.Max(season.Usual, need.Usual), Math.Max(season.Longest, need.Longest));
}
