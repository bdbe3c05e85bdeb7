namespace Gassel.Core.Climate;

/// <summary>What a weather record says of frost at a site.</summary>
/// <param name="Thresholds">Mildest first; the first is frost itself.</param>
public sealed record FrostOutlook(IReadOnlyList<ThresholdOutlook> Thresholds, GroundFreezeResult GroundFreeze)
{
    /// <summary>By hardiness of the seedling (starter values, from memory).</summary>
    private static readonly (double C, string Hurts)[] Classes =
    [
        (0, "tender seedlings"),
        (-2, "half-hardy seedlings"),
        (-4, "hardy seedlings"),
        (-6, "those that come up at snow-melt"),
    ];

    public FrostResult Frost => Thresholds[0].Frost;

    /// <param name="offsetK">Added to every reading before the threshold: a valley bottom is some degrees colder than where the record was
    /// kept.</param>
    public static FrostOutlook From(IReadOnlyList<DailyTemperature> daily, double latitude, double offsetK = 0)
    {
        var here = daily.Select(d => d with { MinC = d.MinC + offsetK, MaxC = d.MaxC + offsetK }).ToList();
        var minima = here.Select(d => new DailyMinimum(d.Date, d.MinC)).ToList();
        return new(
            [.. Classes.Select(c => new ThresholdOutlook(c.C, c.Hurts, FrostDates.From(minima, c.C, latitude)))],
            Climate.GroundFreeze.From(here, latitude)
        );
    }
}
