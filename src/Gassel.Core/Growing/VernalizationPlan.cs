using Gassel.Core.Climate;
using MathNet.Numerics.Statistics;

namespace Gassel.Core.Growing;

/// <summary>
/// Cold towards flowering, counted back from the day on which plants go out. The ways that garden kinds have, or a rosette's winter.
/// </summary>
/// <param name="Chosen">The best that is still possible; null where none is.</param>
public sealed record VernalizationPlan(
    VernalizationKind Kind,
    IReadOnlyList<VernalizationOption> Options,
    VernalizationWay? Chosen,
    string Words,
    IReadOnlyList<string> Working
)
{
    /// <summary>Moist seed lies so long in the cold, days (common practice, no source).</summary>
    public const int SeedDays = 14;

    /// <summary>Plants stand in the cool so long, until they are planted out: the longer of 10 to 14 days (common practice).</summary>
    public const int PlantDays = 14;

    /// <summary>A rosette goes out for its winter so long, days: 8 to 12 weeks.</summary>
    public const int RosetteDays = 70;

    /// <summary>Years that give enough in fewer than this share make the yard a poor place for it (our assumption).</summary>
    private const double Doubtful = 0.5;

    /// <summary>Fewer years say nothing of a risk.</summary>
    private const int LeastYears = FrostDates.YearsForARisk;

    /// <param name="isSown">The seed is past its cold already.</param>
    /// <param name="weeksToPlant">From sowing to a plant with leaves enough, whole weeks.</param>
    /// <param name="record">Of the site; any order; empty without one.</param>
    public static VernalizationPlan Of(
        VernalizationKind kind,
        DateOnly plantOut,
        DateOnly today,
        bool isSown,
        int weeksToPlant,
        IReadOnlyList<DailyTemperature> record
    )
    {
        var need = kind == VernalizationKind.GardenKind ? VernalizationNeed.Garden : VernalizationNeed.Rosette;
        var byDay = record.Where(d => d is { MinC: not null, MaxC: not null }).ToDictionary(d => d.Date);
        var options =
            kind == VernalizationKind.GardenKind
                ? Garden(need, plantOut, today, isSown, weeksToPlant, byDay)
                : [Rosette(need, plantOut, today, byDay)];
        var chosen = options.FirstOrDefault(o => o.IsPossible);
        var words = chosen is null
            ? Text.Of($"Too late for {Quantity.Day(plantOut)}: plant out later, or they flower a year on.")
            : Text.Of($"{Name(chosen.Way, kind)}: " + $"{string.Join("; ", chosen.Spells.Select(SpellWords))}.");
        return new(
            kind,
            options,
            chosen?.Way,
            words,
            [
                kind == VernalizationKind.GardenKind
                    ? Text.Of(
                        $"Moist seed {SeedDays} days in the cold, plants 10 to 14 days at {RuleOfThumb.VernalizingBand} without frost, "
                            + $"ending at planting out; both is best, a late starter does the plants "
                            + $"alone (common practice, no source)."
                    )
                    : $"A rosette is grown to size, then overwintered outdoors 8 to 12 weeks or more at {RuleOfThumb.RosetteBand} "
                        + "(common practice, no source).",
                "Only for kinds that need it. It is not the cold that breaks dormancy, and its response is its own.",
                byDay.Count == 0
                    ? "No weather record is chosen on Site, so the risk on those days is not known."
                    : "Risks are shares of the years on record, by the air of the site, for the same days of the year.",
            ]
        );
    }

    private static List<VernalizationOption> Garden(
        VernalizationNeed need,
        DateOnly plantOut,
        DateOnly today,
        bool isSown,
        int weeks,
        Dictionary<DateOnly, DailyTemperature> record
    )
    {
        var sow = plantOut.AddDays(-7 * weeks);
        VernalizationSpell seed = new(sow.AddDays(-SeedDays), sow, "seed in the cold"),
            plants = new(plantOut.AddDays(-PlantDays), plantOut, "plants in the cool");
        var seedInTime = !isSown && seed.From >= today;
        // ten days at least before the end
        var plantsInTime = plantOut.AddDays(-need.Days.Shortest) >= today;
        if (plants.From < today && plantsInTime)
            plants = plants with { From = today };
        var years = Years(need, plants, record);
        const string Late = " Without the cold of the seed fewer may flower, or later; how many is not known from own results.";
        return
        [
            new(VernalizationWay.Both, [seed, plants], seedInTime && plantsInTime, years, Risk(years, need)),
            new(
                VernalizationWay.SeedAlone,
                [seed],
                seedInTime,
                null,
                "No plant is out in frost; one short cold alone, so heat soon after it may undo it."
            ),
            new(VernalizationWay.PlantsAlone, [plants], plantsInTime, years, Risk(years, need) + Late),
        ];
    }

    private static VernalizationOption Rosette(
        VernalizationNeed need,
        DateOnly plantOut,
        DateOnly today,
        Dictionary<DateOnly, DailyTemperature> record
    )
    {
        var from = plantOut.AddDays(-RosetteDays);
        var late = from < today;
        VernalizationSpell winter = new(late ? today : from, plantOut, "rosettes out in the cold");
        var years = Years(need, winter, record);
        var lack = late
            ? Text.Of(
                $" {plantOut.DayNumber - today.DayNumber} days are left of {RosetteDays}: with fewer they stay rosettes for another year."
            )
            : "";
        return new(
            VernalizationWay.PlantsAlone,
            [winter],
            plantOut.DayNumber - winter.From.DayNumber >= need.Days.Shortest,
            years,
            Risk(years, need) + lack
        );
    }

    private static VernalizationRecord? Years(
        VernalizationNeed need,
        VernalizationSpell spell,
        Dictionary<DateOnly, DailyTemperature> record
    )
    {
        if (spell.To <= spell.From || record.Count == 0)
            return null;
        var told = new List<Vernalization>();
        var (first, last) = (record.Keys.Min(d => d.Year), record.Keys.Max(d => d.Year));
        for (var year = first; year <= last; year++)
        {
            var from = spell.From.AddYears(year - spell.From.Year);
            var (days, after) = (spell.To.DayNumber - spell.From.DayNumber, Vernalization.SoonDays);
            var there = Enumerable
                .Range(0, days + after)
                .Select(i => record.TryGetValue(from.AddDays(i), out var d) ? d : default)
                .ToList();
            if (there.Any(d => d.MinC is null))
                continue;
            told.Add(
                Vernalization.Of(
                    need,
                    [
                        .. there.Select(d =>
                            TemperatureDay.FromRange(
                                d.Date,
                                d.MinC!.Value,
                                Math.Max(d.MinC!.Value, d.MaxC!.Value),
                                VernalizationNeed.Response
                            )
                        ),
                    ],
                    from.AddDays(days)
                )
            );
        }
        if (told.Count < LeastYears)
            return null;
        var cold = told.Select(v => v.EffectiveDays).Order().ToArray();
        double Quantile(double share) => SortedArrayStatistics.QuantileCustom(cold, share, QuantileDefinition.R7);
        double Share(Func<Vernalization, bool> of) => (double)told.Count(of) / told.Count;
        return new(
            told.Count,
            Quantile(0.1),
            Quantile(0.5),
            Share(v => v.MetOn is not null),
            Share(v => v.Frosts.Count > 0),
            Share(v => v.Undone > 0)
        );
    }

    private static string Risk(VernalizationRecord? years, VernalizationNeed need) =>
        years is null
            ? $"A frosty night may hurt the leaves, and two days above {Quantity.WholeDegrees(Vernalization.HeatC)} soon after "
                + $"a short treatment "
                + $"can undo it; "
                + "how often is not known without a weather record."
            : Text.Of(
                $"Of {years.Years} years on record out of doors {Share(years.EnoughShare)} gave at least "
                    + $"{need.Days.Shortest} effective days (half of them {years.EffectiveMedian:0.0} or more), "
                    + $"{Share(years.FrostShare)} had frost on the leaves, {Share(years.HeatShare)} heat that may undo "
                    + $"it.{(years.EnoughShare < Doubtful ? $" A room or frame at {RuleOfThumb.VernalizingBand} is safer." : "")}"
            );

    private static string SpellWords(VernalizationSpell s) => $"{s.Words} {Quantity.Day(s.From)} to {Quantity.Day(s.To)}";

    private static string Share(double share) => Text.Of($"{100 * share:0} %");

    private static string Name(VernalizationWay way, VernalizationKind kind) =>
        way switch
        {
            VernalizationWay.Both => "Seed and plants",
            VernalizationWay.SeedAlone => "Seed alone",
            _ => kind == VernalizationKind.WildRosette ? "Rosettes" : "Plants alone",
        };
}
