using Gassel.Core;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;
using Gassel.Web.Features.Weather;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Yard;

/// <summary>From the yard's book to what the screens read.</summary>
internal static class YardViews
{
    /// <summary>Days behind today in the outlook's drawing.</summary>
    private const int OutlookBack = 6;

    private const int HoursBack = 72;

    public static ContainerBrief Brief(YardVessel vessel, SiteClock clock)
    {
        var (batch, part, today) = (vessel.Batch, vessel.Part, clock.Today);
        var now = clock.GetUtcNow();
        var tale = vessel.Container?.Tale;
        var setting = vessel.Life.At(now);
        var hour = tale is null ? -1 : HourOf(tale.Run, now);
        var so = tale?.Days.LastOrDefault(d => d.Inside.Date < today).Cold;
        return new(
            batch.Row.Id,
            batch.Row.Number,
            part.Id,
            part.Vessel?.Label ?? $"container {batch.Row.Number}",
            vessel.Species.CommonName,
            vessel.Species.Hazard,
            vessel.Setup,
            vessel.Setup.Kind is { } kind ? kind.Words() : Text.Of($"own vessel of {Quantity.Volume(vessel.Setup.Own?.Litres ?? 0)}"),
            part.Setup is not null,
            vessel.Place.Id,
            part.SownOn!.Value,
            part.Seeds,
            part.Emerged,
            part.Standing,
            setting.Cap,
            setting.Shelter,
            vessel.Container?.Stands(today, hour) ?? (part.Standing > 0 ? ContainerStanding.Up : ContainerStanding.Unknown),
            hour < 0 ? null : Math.Round(tale!.Run.AirC[hour], 1),
            hour < 0 ? null : Math.Round(tale!.Run.MediumC[hour], 1),
            Rounded(vessel.Container?.Band?.AirAt(hour)),
            Rounded(vessel.Container?.Band?.MediumAt(hour)),
            so,
            tale?.Need.ColdDays,
            tale?.Need.UsualColdDays,
            tale?.ColdMetOn,
            tale?.Emergence is { } e ? new(e.T10, e.T50, e.T90) : null,
            part.Counts.Where(c => c.Emerged > 0).Select(c => (DateOnly?)c.On).Min(),
            vessel.Withheld,
            vessel.IsWatched,
            vessel.Warnings
        );
    }

    public static ContainerDetail Detail(YardVessel vessel, ContainerParameters parameters, FittedWall? fitted, SiteClock clock)
    {
        var (today, now) = (clock.Today, clock.GetUtcNow());
        var tale = vessel.Container?.Tale;
        var hour = tale is null ? -1 : HourOf(tale.Run, now);
        var last = tale?.Days.LastOrDefault(d => d.Source != YardDaySource.Typical).Inside.Date;
        // as far as the seed is waited for, but not into the summer
        var until = new[] { last, tale?.Emergence?.T90?.AddDays(7), tale?.ColdMetOn?.AddDays(14) }.Where(d => d is not null).Max();
        return new(
            Brief(vessel, clock),
            tale is null ? [] : [.. tale.Days.TakeWhile(d => d.Inside.Date <= until)],
            hour < 0
                ? []
                :
                [
                    .. Enumerable
                        .Range(Math.Max(0, hour - HoursBack), tale!.Run.Hours.Count - Math.Max(0, hour - HoursBack))
                        .TakeWhile(i => tale.Run.Hours[i].Date <= last)
                        .Select(i => new InsideHour(
                            tale.Run.Hours[i].At.AddHours(1),
                            Math.Round(tale.Run.Hours[i].TempC, 1),
                            Math.Round(tale.Run.AirC[i], 1),
                            Math.Round(tale.Run.MediumC[i], 1),
                            Rounded(vessel.Container?.Band?.AirAt(i)),
                            Rounded(vessel.Container?.Band?.MediumAt(i))
                        )),
                ],
            vessel.Part.Counts,
            vessel.Container?.KillC(today),
            tale?.Need.CeilingC ?? 0,
            FrozenHours(tale, today, hour),
            tale is null
                ? null
                : new(
                    tale.Need.ThermalTime.T10,
                    tale.Need.ThermalTime.T50,
                    tale.Need.ThermalTime.T90,
                    tale.Days.LastOrDefault(d => d.Inside.Date < today).Degrees
                ),
            [
                .. ContainerAdvice
                    .Steps(vessel.Setup)
                    .Select(s => new PreparationLine(s, ContainerAdvice.Words(s, vessel.Setup), vessel.Part.Preparation.Contains(s))),
            ],
            [.. ContainerAdvice.Doubts(vessel.Setup), .. ContainerAdvice.Reminders(vessel.Setup)],
            parameters,
            [.. vessel.Part.Tended.Select(t => new TendedLine(t.On, t.At, t.What.Words()))],
            tale is null ? [] : [.. tale.Working, ContainerDoubts.Words(fitted)]
        );
    }

    private static TemperatureBand? Rounded(TemperatureBand? band) =>
        band is { } b ? new(Math.Round(b.LowC, 1), Math.Round(b.HighC, 1)) : null;

    /// <summary>Up to this hour.</summary>
    private static double FrozenHours(ContainerTale? tale, DateOnly today, int hour) =>
        tale is null
            ? 0
            : tale.Days.Where(d => d.Inside.Date < today).Sum(d => d.Inside.FrozenHours)
                + Enumerable.Range(0, hour + 1).Count(i => tale.Run.Hours[i].Date == today && tale.Run.MediumC[i] < 0);

    public static IReadOnlyList<YardAlert> Alerts(IEnumerable<YardVessel> vessels) =>
        [
            .. vessels
                .SelectMany(v => v.Warnings.Select(w => (Vessel: v, Warning: w)))
                .GroupBy(x => x.Warning.Kind)
                .OrderBy(g => g.Key)
                .Select(group =>
                {
                    var containers = group
                        .OrderBy(x => x.Vessel.Batch.Row.Number)
                        .ThenBy(x => x.Vessel.Part.Id, StringComparer.Ordinal)
                        .Select(x => new AlertedContainer(
                            x.Vessel.Batch.Row.Id,
                            x.Vessel.Batch.Row.Number,
                            x.Vessel.Part.Id,
                            x.Vessel.Part.Vessel?.Label ?? "",
                            x.Vessel.Species.CommonName,
                            x.Vessel.Part.Standing,
                            x.Warning
                        ))
                        .ToList();
                    // what helps all of them
                    var actions = containers.Select(c => c.Warning.Actions).Aggregate((a, b) => [.. a.Intersect(b)]);
                    var worst = containers.Select(c => c.Warning.WorstC).Where(c => c is not null);
                    return new YardAlert(
                        group.Key,
                        Title(group.Key, containers),
                        containers.Min(c => c.Warning.From),
                        containers.Max(c => c.Warning.To),
                        group.Key is YardWarningKind.OpenCaps or YardWarningKind.CookRisk ? worst.Max() : worst.Min(),
                        containers,
                        [.. actions.Select(a => new AlertAction(a, Do(a)))]
                    );
                }),
        ];

    private static string Title(YardWarningKind kind, List<AlertedContainer> containers)
    {
        var n = containers.Count;
        var these = containers is [var one] ? Text.Of($"{one.Label} (B-{one.Number} {one.CommonName})") : Text.Of($"these {n} containers");
        return kind switch
        {
            YardWarningKind.FreezeComing => $"Freeze coming: cover or bring in {these}",
            YardWarningKind.CookRisk => $"Seed may cook: open {these} before noon",
            YardWarningKind.OpenCaps => $"Too warm inside: open {these}",
            YardWarningKind.CountSurvivors => $"Seedlings froze: count {these}",
            YardWarningKind.CapTonight => $"Cap {these} tonight",
            YardWarningKind.Flooded => $"Flooded: drain {these}",
            YardWarningKind.Dry => $"Dry: lift {these} and water the light ones",
            YardWarningKind.Wind => $"Wind: secure {these}",
            YardWarningKind.BackOut => $"The freeze is over: put {these} back out",
            YardWarningKind.OpenByDegrees => $"Open {these} a little more each day for a week",
            YardWarningKind.MulchMostOff => $"Spring: take three quarters of the straw off {these}",
            YardWarningKind.Feed => $"Feed {these}",
            _ => $"May not get enough cold: {these}",
        };
    }

    /// <summary>As a button says it.</summary>
    private static string Do(Tending what) =>
        what switch
        {
            Tending.CapOn => "Cap",
            Tending.CapOff => "Take the cap off",
            Tending.TopOpen => "Open",
            Tending.TopAsUsual => "Put the top as usual",
            Tending.Covered => "Cover",
            Tending.CarriedIn => "Bring in",
            Tending.BackOut => "Put back out",
            Tending.Watered => "Water",
            Tending.Drained => "Drain",
            Tending.Secured => "Secure",
            Tending.MulchMostOff => "Take most straw off",
            Tending.Fed => "Feed",
            _ => "Take the rest off",
        };

    public static IReadOnlyList<YardDay> Outlook(YardSky sky, DateOnly today) =>
        [.. sky.Days.Where(d => d.Date >= today.AddDays(-OutlookBack) && d.Source != YardDaySource.Typical)];

    /// <summary>The last hour that is over; negative before the first.</summary>
    private static int HourOf(ContainerRun run, DateTimeOffset now) =>
        Math.Min(run.Hours.Count, (int)Math.Floor((now - run.Hours[0].At).TotalHours)) - 1;
}
