using Gassel.Core.Climate;
using Gassel.Core.Diagnosis;
using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Diagnosis;

/// <summary>What a grower wrote down of a made-up season, with the gaps a grower leaves.</summary>
internal static class MadeRecord
{
    /// <param name="careful">Writes all down: thermometers everywhere, looks every other day.</param>
    public static JudgedRecord Of(MadeSeason season, Random chance, bool careful = false)
    {
        var (kind, sown) = (season.Kind, season.SownOn);
        bool Does(double share) => careful || chance.NextDouble() < share;
        var steps = new List<JudgedStep>();
        var day = season.Begun;
        if (kind.HasCoat)
        {
            var opened = season.Seeds * season.CoatsOpened;
            steps.Add(
                new(
                    StepKind.Scarify,
                    DurationRange.Exactly(0),
                    false,
                    season.Scarified ? day : null,
                    null,
                    [],
                    20,
                    season.Scarified && Does(0.6) ? (int)Math.Round(opened) : null
                )
            );
            day = season.Scarified ? day.AddDays(1) : day;
        }
        if (kind.HasSmallEmbryo)
        {
            var asked = new DurationRange(50, kind.UsualWarm, 90);
            steps.Add(new(StepKind.WarmMoist, asked, false, season.WarmDays > 0 ? day : null, null, [], 22));
            day = day.AddDays(season.WarmDays);
        }
        if (kind.ColdNeed > 0)
        {
            var fridge = Does(0.6) ? Read(day, season.Fridge) : [];
            var asked = new DurationRange(kind.ShortestCold, kind.UsualCold, 2 * kind.UsualCold);
            steps.Add(new(StepKind.ColdMoist, asked, false, day, null, fridge, 4));
        }
        var written = Does(0.85);
        // now and then something is written down wrong
        var slip = !careful && chance.NextDouble() < 0.03;
        var cut = Does(0.5) ? Cut(season, chance) : default(CutTest?);
        var gathered = sown.AddDays(-(int)(365.25 * season.LotYears));
        return new(
            kind.Known,
            steps,
            new(
                sown,
                season.Seeds,
                kind.Window,
                Math.Clamp(season.Hoped + (0.12 * (chance.NextDouble() - 0.5)), 0.1, 1),
                written ? Math.Round(slip ? 3 * season.DepthMm : season.DepthMm) : null,
                written ? ((season.DepthMm == 0) != slip ? SowCover.Surface : SowCover.Mix) : null,
                season.IsOut ? PlaceKind.Yard : PlaceKind.LampShelf,
                (kind.BandLow + kind.BandHigh) / 2,
                cut
            ),
            [
                .. Looks(
                    season,
                    chance,
                    careful ? 2
                        : chance.NextDouble() < 0.2 ? chance.Next(5, 8)
                        : chance.Next(2, 5),
                    Does
                ),
            ],
            Does(0.6) ? Read(sown, season.Room) : [],
            Does(0.85) ? new("made", gathered, 500) : null,
            season.JudgedOn
        );

        List<DailyTemperature> Read(DateOnly from, IReadOnlyList<(double Min, double Max)> days) =>
            [
                .. days.Select((d, i) => new DailyTemperature(from.AddDays(i), Math.Round(d.Min, 1), Math.Round(d.Max, 1)))
                    .Where(_ => Does(0.92)),
            ];
    }

    private static CutTest? Cut(MadeSeason season, Random chance)
    {
        var left = season.Fates.Where(f => f.Up is null).OrderBy(_ => chance.Next()).Take(chance.NextDouble() < 0.5 ? 10 : 20).ToList();
        return left.Count == 0
            ? null
            : new(
                left.Count(f => f.Inside == Inside.Full),
                left.Count(f => f.Inside == Inside.Empty),
                left.Count(f => f.Inside == Inside.Rotten)
            );
    }

    private static IEnumerable<JudgedLook> Looks(MadeSeason season, Random chance, int every, Func<double, bool> does)
    {
        var squeezes = does(0.6);
        var sees = does(0.6);
        var known = new HashSet<int>();
        for (var day = every; day < season.Length; day += every)
        {
            var on = season.SownOn.AddDays(day);
            var alive = Enumerable
                .Range(0, season.Seeds)
                .Where(i => season.Fates[i].Up <= day && !(season.Fates[i].Gone?.Day <= day))
                .ToHashSet();
            var fresh = alive.Count(i => known.Add(i));
            var gone = known.Where(i => !alive.Contains(i)).ToList();
            known.ExceptWith(gone);
            if (does(0.8))
            {
                var dry = season.Dry[day] || season.BrieflyDry[day];
                var wet = season.Wet[day] || (season.BrieflyWet[day] && !dry);
                yield return squeezes
                    ? new(
                        on,
                        dry ? Moisture.Dry
                            : wet ? Moisture.Dripping
                            : Moisture.Right,
                        (wet && day > 6 && does(0.3)) || chance.NextDouble() < 0.03 ? MouldSeen.Some : MouldSeen.None
                    )
                    : new(
                        on,
                        Surface: dry || chance.NextDouble() < 0.04 ? SurfaceSeen.Dry
                            : wet ? SurfaceSeen.Wet
                            : SurfaceSeen.Moist
                    );
            }
            if (fresh > 0 || does(0.7))
                yield return new(on, Emerged: fresh);
            foreach (var of in gone.GroupBy(i => season.Fates[i].Gone!.Value.Of))
                yield return new(on, Lost: of.Count(), Cause: does(0.75) ? Word(of.Key, chance) : LossCause.Unknown);
            if (sees && season.Eating[day] && day < 4 * every && does(0.5))
                yield return new(on, Seen: Symptom.Slugs);
        }
    }

    private static LossCause Word(Fault of, Random chance) =>
        of switch
        {
            Fault.Frosted => LossCause.Frost,
            Fault.Eaten => chance.NextDouble() < 0.5 ? LossCause.Slugs : LossCause.Eaten,
            Fault.Wet => LossCause.DampingOff,
            _ => LossCause.Dried,
        };
}
