using System.Globalization;
using Gassel.Core.Climate;

namespace Gassel.Core.Growing;

/// <summary>Cold that counts towards flowering, from the temperatures of the place.</summary>
/// <param name="EffectiveDays">By the response; frozen time adds nothing.</param>
/// <param name="Undone">Effective days that heat soon after may have undone; 0 where it did not.</param>
/// <param name="Frosts">Days with frost: reported as injury, never counted as cold.</param>
/// <param name="Words">Where it stands, in a sentence.</param>
public sealed record Vernalization(
    double EffectiveDays,
    double Undone,
    int ShortestDays,
    int UsualDays,
    DateOnly? MetOn,
    IReadOnlyList<FrostOnPlants> Frosts,
    IReadOnlyList<Interruption> Heat,
    string Words,
    IReadOnlyList<string> Working
)
{
    /// <summary>Two or more days above 25 °C soon after a short treatment can undo it (common practice, no source).</summary>
    public const double HeatC = 25;
    public const int HeatDays = 2;

    /// <summary>Soon is within so many days of its end (our assumption).</summary>
    public const int SoonDays = 14;

    /// <summary>A treatment shorter than this can be undone, effective days (our assumption).</summary>
    public const double ShortBelow = 21;

    /// <summary>Air at or below this hurts soft leaves, °C (our assumption).</summary>
    public const double FrostC = -1;

    /// <param name="days">Of the place, from the start of the treatment on; those after its end tell of heat.</param>
    /// <param name="end">First day after the treatment; null while it lasts.</param>
    public static Vernalization Of(VernalizationNeed need, IReadOnlyList<TemperatureDay> days, DateOnly? end)
    {
        var during = days.Where(d => end is null || d.Date < end).ToList();
        double sum = 0;
        DateOnly? met = null;
        foreach (var day in during)
        {
            sum += day.Effective;
            if (met is null && sum >= need.Days.Shortest - 1e-9)
                met = day.Date;
        }
        var frosts = during.Where(d => d.MinC <= FrostC).Select(d => new FrostOnPlants(d.Date, d.MinC)).ToList();
        var after = end is { } over ? days.Where(d => d.Date >= over && d.Date < over.AddDays(SoonDays)).ToList() : [];
        var heat = Hot(after);
        var undone = heat.Count > 0 && sum < ShortBelow ? sum : 0;
        var culture = CultureInfo.InvariantCulture;
        var words =
            undone > 0
                ? Text.Of(
                    $"{sum:0.0} effective days, but {heat[0].Days} days above {Quantity.WholeDegrees(HeatC)} from "
                        + $"{Quantity.Day(heat[0].From)} on may have undone them."
                )
            : met is { } on ? Text.Of($"{sum:0.0} effective days, enough since {Quantity.Day(on)}.")
            : Text.Of(
                $"{sum:0.0} of at least {need.Days.Shortest} effective "
                    + $"days{(end is null
                        ? Text.Of($": {need.Days.Shortest - sum:0.0} still missing by temperature, whatever the calendar says") : "")}."
            );
        if (frosts.Count > 0)
            words += Text.Of(
                $" Frost on {frosts.Count} {(frosts.Count == 1 ? "day" : "days")}, down to "
                    + $"{Quantity.Temperature(frosts.Min(f => f.MinC))}: it adds nothing and may "
                    + $"have hurt the leaves."
            );
        return new(
            sum,
            undone,
            need.Days.Shortest,
            need.Days.Usual,
            met,
            frosts,
            heat,
            words,
            [
                Text.Of(
                    $"Effective days by "
                        + $"{string.Join(", ", VernalizationNeed.Response.Knots.Select(Quantity.Temperature))}"
                        + $", the response of vernalizing (starter value, from memory); it is not that of breaking dormancy."
                ),
                need.Kind == VernalizationKind.GardenKind
                    ? $"Garden kinds: moist seed two weeks cold, and/or plants 10 to 14 days at {RuleOfThumb.VernalizingBand} without "
                        + "frost, ending at planting out; both is best (common practice, no source)."
                    : $"Wild rosettes: grown to size, then 8 to 12 weeks or more at {RuleOfThumb.RosetteBand} outdoors (common "
                        + $"practice, no source).",
                Text.Of(
                    $"Frost at {Quantity.WholeDegrees(FrostC)} or below adds nothing and may injure. {HeatDays} or more days above "
                        + $"{Quantity.WholeDegrees(HeatC)} within {SoonDays} days after a treatment of less than "
                        + $"{ShortBelow:0} effective days "
                        + $"can undo it."
                ),
            ]
        );
    }

    private static List<Interruption> Hot(List<TemperatureDay> days)
    {
        var found = new List<Interruption>();
        for (var i = 0; i < days.Count; i++)
        {
            var first = i;
            while (i < days.Count && days[i].MaxC > HeatC)
                i++;
            if (i - first >= HeatDays)
                found.Add(new(days[first].Date, days[i - 1].Date, i - first, days.Skip(first).Take(i - first).Average(d => d.MeanC)));
        }
        return found;
    }
}
