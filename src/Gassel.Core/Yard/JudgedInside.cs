using Gassel.Core.Climate;
using Gassel.Core.Germination;
using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <summary>What was told of the inside of containers, beside thermometers that lay in them.</summary>
/// <param name="Kind">Of container; null where it is a vessel of one's own.</param>
/// <param name="WallWm2K">Of the model by which it was told.</param>
/// <param name="Days">No day twice.</param>
public sealed record JudgedInside(
    int Batch,
    ContainerPreset? Kind,
    ProbeSpot Spot,
    double WallWm2K,
    double Widened,
    IReadOnlyList<InsideDay> Days
)
{
    /// <summary>
    /// Of one batch. What was told first of a day stands: a fit to its readings would tell it better afterwards, which is no forecast.
    /// </summary>
    /// <param name="kindOf">Of the container of a part.</param>
    public static IEnumerable<JudgedInside> Of(int batch, IReadOnlyList<InsideMeasured> files, Func<string, ContainerPreset?> kindOf)
    {
        var told = new HashSet<(string, ProbeSpot, DateOnly)>();
        foreach (var file in files)
        {
            var days = file.Days.Where(d => told.Add((file.Part, file.Spot, d.Date))).ToList();
            if (days.Count > 0)
                yield return new(batch, kindOf(file.Part), file.Spot, file.WallWm2K, file.Widened, days);
        }
    }

    /// <summary>Two of each day.</summary>
    public IEnumerable<JudgedForecast> Forecasts =>
        Days.SelectMany(d =>
            new[] { d.Coldest, d.Hottest }.Select(t => new JudgedForecast(
                ForecastKind.Inside,
                Batch,
                d.Date,
                t.LowC,
                t.HighC,
                t.GuessC,
                t.TruthC,
                Widened
            ))
        );

    /// <summary>Days of which it was told whether it would freeze inside; those with a range on both sides of nought say neither.</summary>
    public IEnumerable<FrostTold> Freezes =>
        Days.Where(d => d.Coldest.HighC < 0 || d.Coldest.LowC > 0)
            .Select(d => new FrostTold(d.Date, d.Coldest.HighC < 0, d.Coldest.TruthC < 0, Batch));

    /// <summary>
    /// How many times as wide what is told of a kind of container should be, by thermometers that lay in its kind while the model had the
    /// numbers that it has now; 1 where that speaks against nothing.
    /// </summary>
    public static double TimesFor(IEnumerable<JudgedInside> all, ContainerPreset? kind, double wallWm2K)
    {
        var forecasts = all.Where(j => j.Kind == kind && kind is not null && j.WallWm2K.Equals(wallWm2K))
            .SelectMany(j => j.Forecasts)
            .ToList();
        return forecasts.Count == 0 ? 1 : ForecastScore.Of(forecasts).Applied;
    }
}
