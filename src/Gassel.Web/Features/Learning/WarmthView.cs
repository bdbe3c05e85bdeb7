using Gassel.Core.Climate;
using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Learning;

/// <summary>When a species comes up by warmth, by own sowings.</summary>
/// <param name="Words">Whether it foretells better than the days of the route, first.</param>
/// <param name="IsUsed">Gassel goes by it in place of the days of the route.</param>
/// <param name="Need">Thermal time, °C·d; null where no sowing tells anything.</param>
/// <param name="BaseC">Of the thermal time, °C; null with it.</param>
/// <param name="At">Days from sowing at temperatures of the species' band.</param>
/// <param name="Beside">Each sowing as it was told from the others; empty where they are too few.</param>
/// <param name="Points">Each count of each sowing.</param>
public sealed record WarmthView(
    string Words,
    bool IsUsed,
    double? BaseC,
    ThermalTime? Need,
    IReadOnlyList<WarmthAt> At,
    IReadOnlyList<WarmthToldSowing> Beside,
    IReadOnlyList<WarmthPoint> Points,
    IReadOnlyList<WarmthShare> Curve,
    IReadOnlyList<string> Working
)
{
    private const int CurvePoints = 60;

    /// <param name="band">In which it comes up.</param>
    internal static WarmthView Of(WarmthLesson lesson, TemperatureBand band)
    {
        var learned = lesson.Learned;
        var rate = learned?.Rate ?? lesson.Prior.Rate;
        List<WarmthPoint> points = [.. lesson.Sowings.SelectMany(s => Counts(s, rate))];
        var far = points.Select(p => p.DegreeDays).DefaultIfEmpty(0).Max();
        return new(
            lesson.Words(),
            lesson.Used is not null,
            learned?.Rate.BaseC,
            learned?.Need,
            learned is null
                ? []
                :
                [
                    .. new[] { band.LowC, (band.LowC + band.HighC) / 2, band.HighC }
                        .Distinct()
                        .Select(c => (TempC: c, Days: learned.At(c)))
                        .Where(d => d.Days is not null)
                        .Select(d => new WarmthAt(d.TempC, d.Days!.Value)),
                ],
            lesson.Trial.Told,
            points,
            learned is null
                ? []
                :
                [
                    .. Enumerable
                        .Range(0, CurvePoints + 1)
                        .Select(i => far * i / CurvePoints)
                        .Select(d => new WarmthShare(d, learned.Share(d))),
                ],
            lesson.Working()
        );
    }

    private static IEnumerable<WarmthPoint> Counts(WarmSowing sowing, ThermalRate rate)
    {
        var (sums, up) = (sowing.Sums(rate), 0);
        foreach (var count in sowing.Counts)
            yield return new(sowing.Batch, sums[sowing.DayOf(count)], (double)(up += count.Emerged) / sowing.Seedlings);
    }
}
