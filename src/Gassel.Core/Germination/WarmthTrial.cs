namespace Gassel.Core.Germination;

/// <summary>
/// Whether warmth foretells sowings better than the days of the route: each sowing is told from the others alone, and both are held against
/// the two counts between which half of it came up.
/// </summary>
/// <param name="Told">One of each sowing that came up.</param>
public sealed record WarmthTrial(IReadOnlyList<WarmthToldSowing> Told)
{
    /// <summary>With fewer sowings nothing is said to be better (our rule).</summary>
    public const int LeastSowings = 3;

    /// <summary>Mean days by which the day of the route missed.</summary>
    public double ByRoute => Told.Select(t => t.Miss(t.RouteDay)).DefaultIfEmpty(0).Average();

    /// <summary>The same by warmth.</summary>
    public double ByWarmth => Told.Select(t => t.Miss(t.ByWarmth.Half)).DefaultIfEmpty(0).Average();

    /// <summary>Sowings of which half came up within the days told.</summary>
    public int Held => Told.Count(t => t.ByWarmth.Low <= t.To && t.ByWarmth.High > t.After);

    public bool IsBetter => Told.Count >= LeastSowings && ByWarmth < ByRoute;

    /// <summary>Of sowings that came up; the others tell nothing of when. Empty where they are too few to tell.</summary>
    /// <param name="all">Fitted to all of them.</param>
    public static WarmthTrial Of(IReadOnlyList<WarmSowing> sowings, WarmthPrior prior, WarmthLearned? all)
    {
        var up = sowings.Where(s => s.Seedlings > 0).ToList();
        if (up.Count < LeastSowings)
            return new([]);
        return new([
            .. up.Select(s =>
                {
                    var others = up.Where(o => o != s).ToList();
                    var days = (WarmthFit.Fit(others, prior, all) ?? WarmthLearned.Before(prior)).Over(s);
                    var (after, to) = s.Half();
                    return days is { } told ? new WarmthToldSowing(s.Batch, after, to, told, s.RouteDay) : null;
                })
                .OfType<WarmthToldSowing>(),
        ]);
    }
}
