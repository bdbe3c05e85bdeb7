namespace Gassel.Core.Germination;

/// <summary>
/// What the batches of another nursery tell of what a day of cold does. Only that: how much comes up there hangs on seed and hands of
/// theirs.
/// </summary>
/// <param name="Slope">Of the logit of the mean, for a day of cold.</param>
/// <param name="Error">Of the slope as it holds here: its standard error there, and what nurseries differ by.</param>
public sealed record ColdElsewhere(OthersColds Of, double Slope, double Error)
{
    /// <summary>Slopes of nurseries differ by such a share of themselves (standard deviation; our assumption).</summary>
    public const double DiffersBy = 0.3;

    /// <summary>Null where its batches had one cold, or tell nothing of the slope.</summary>
    /// <param name="others">Over, and without accidents.</param>
    public static ColdElsewhere? From(OthersColds others)
    {
        if (others.Batches.Select(b => b.ColdDays).Distinct().Count() < 2)
            return null;
        var (slope, error) = ColdEffectFit.Slope(others.Batches);
        return double.IsFinite(slope) && double.IsFinite(error)
            ? new(others, slope, Math.Sqrt(error * error + DiffersBy * DiffersBy * slope * slope))
            : null;
    }
}
