using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Planning;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Plan;

/// <summary>What the days of a plan mean beside the frosts on record.</summary>
internal static class PlanFrost
{
    /// <summary>Empty where no record is chosen.</summary>
    public static IReadOnlyList<string> Of(FrostOutlook? outlook, double latitude, Core.Treatments.Species species, Core.Treatments.Route route, Schedule schedule)
    {
        if (outlook is null) return [];
        var lines = new List<string>();
        if (route.IsOutdoors)
        {
            var up = schedule.Steps[route.Treatment.Count()].Start.Usual;
            var threshold = Kills(outlook, species.Hardiness);
            lines.Add(string.Create(CultureInfo.InvariantCulture, $"Up outdoors from {up:d MMM}: for {Degrees(threshold.ThresholdC)}, which kills {threshold.Hurts}, {FrostWords.Later(threshold.Frost, up, latitude)}."));
        }
        lines.Add(OnTheDay("Plants set out", schedule.Finish.Usual, outlook, latitude));
        return lines;
    }

    private static string OnTheDay(string what, DateOnly day, FrostOutlook outlook, double latitude)
    {
        var firstHalf = (day.Month < 8) == (latitude >= 0);
        return string.Create(CultureInfo.InvariantCulture, $"{what} {day:d MMM}: {(firstHalf ? FrostWords.Later(outlook.Frost, day, latitude) : FrostWords.Earlier(outlook.Frost, day, latitude))}.");
    }

    /// <summary>With a true minus sign.</summary>
    private static string Degrees(double c) => string.Create(CultureInfo.InvariantCulture, $"{(c < 0 ? "−" : "")}{Math.Abs(c):0.#} °C");

    private static ThresholdOutlook Kills(FrostOutlook outlook, SeedlingHardiness hardiness) => outlook.Thresholds[hardiness switch
    {
        SeedlingHardiness.Tender => 0,
        SeedlingHardiness.HalfHardy => 1,
        SeedlingHardiness.Hardy => 2,
        _ => 3,
    }];
}
