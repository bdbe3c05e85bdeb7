using Gassel.Core;
using Gassel.Core.Due;
using Gassel.Core.Messages;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Features.Yard;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Messages;

/// <summary>What is the matter now and cannot wait until somebody opens the page.</summary>
internal sealed class AlarmsNow(
    YardBook yard,
    OutBook outside,
    TemperatureWatch watch,
    OutdoorBatches shelf,
    SetAside aside,
    Library library,
    SiteClock clock
)
{
    public async Task<IReadOnlyList<Alarm>> All(CancellationToken cancel)
    {
        var alarms = new List<Alarm>();
        foreach (var alert in YardViews.Alerts(await yard.All(cancel)))
        {
            if (KindOf(alert.Kind) is { } kind)
                alarms.Add(
                    new($"yard:{alert.Kind}", kind, Badness(kind, alert.WorstC), alert.Title, Text(alert), "/yard", About: About(alert))
                );
        }
        foreach (var (place, warnings) in await outside.Now(cancel))
        {
            foreach (var warning in warnings)
            {
                if (KindOf(warning.Kind) is { } kind)
                    alarms.Add(
                        new(
                            $"out:{place}:{warning.Kind}",
                            kind,
                            Badness(kind, warning.WorstC),
                            warning.Title,
                            warning.Reason,
                            "/",
                            About: [.. warning.Parts.Select(p => Core.Text.Of($"{p.Number}:{p.Part}"))]
                        )
                    );
            }
        }
        foreach (var place in (await library.Places()).Where(p => p.RetiredOn is null))
        {
            foreach (var trouble in (await watch.Troubles(place)).Where(t => t.IsPresent && t.Kind != PlaceTroubleKind.Jumping))
                alarms.Add(Of(place, trouble));
        }
        alarms.AddRange(await Soaks(cancel));
        return alarms;
    }

    private static List<string> About(YardAlert alert) =>
        [.. alert.Containers.Select(c => Core.Text.Of($"{c.Number}:{c.Label.Replace(' ', '-')}"))];

    private async Task<IEnumerable<Alarm>> Soaks(CancellationToken cancel)
    {
        var species = (await library.Species()).ToDictionary(s => s.Id);
        var now = TimeZoneInfo.ConvertTime(clock.GetUtcNow(), clock.LocalTimeZone);
        return aside.Many(await shelf.All(cancel), b =>
            PastHours
                .Of(b.Plan, b.State, species[b.Row.SpeciesId], now)
                .Select(due => new Alarm(
                    $"soak:{b.Row.Id}:{due.Part}:{due.Kind}",
                    AlarmKind.Soak,
                    0,
                    Core.Text.Of($"B-{b.Row.Number} {species[b.Row.SpeciesId].CommonName}: in water past its hour"),
                    string.Join('\n', [due.Cost, .. due.Working]),
                    Core.Text.Of($"/b/{b.Row.Number}")
                ))
        );
    }

    private static AlarmKind? KindOf(YardWarningKind kind) =>
        kind switch
        {
            YardWarningKind.FreezeComing => AlarmKind.Freeze,
            YardWarningKind.CookRisk or YardWarningKind.OpenCaps => AlarmKind.Heat,
            _ => null,
        };

    private static AlarmKind? KindOf(OutWarningKind kind) =>
        kind switch
        {
            OutWarningKind.Freeze => AlarmKind.Freeze,
            OutWarningKind.Vent => AlarmKind.Heat,
            _ => null,
        };

    private static double Badness(AlarmKind kind, double? worstC) =>
        worstC is not { } c ? 0
        : kind == AlarmKind.Freeze ? -c
        : c;

    private string Text(YardAlert alert)
    {
        var left = alert.From - clock.GetUtcNow();
        var hours =
            left is not { } wait ? ""
            : wait > TimeSpan.Zero ? Core.Text.Of($"In about {Math.Ceiling(wait.TotalHours):0} h.\n")
            : "It has begun.\n";
        var reasons = alert
            .Containers.GroupBy(c => c.Warning.Reason)
            .Select(g => $"{string.Join(", ", g.Select(c => $"{c.Label} (B-{c.Number} {c.CommonName})"))}: {g.Key}");
        return hours + string.Join('\n', reasons);
    }

    private static string KeyOf(Place place, PlaceTroubleKind kind) => $"place:{place.Id}:{kind}";

    private static Alarm Of(Place place, PlaceTrouble trouble)
    {
        var isSilent = trouble.Kind == PlaceTroubleKind.Silent;
        var badness =
            trouble.WorstC is not { } c ? 0
            : trouble.Kind == PlaceTroubleKind.Frozen ? -c
            : c;
        return new(
            KeyOf(place, trouble.Kind),
            isSilent ? AlarmKind.Silent : AlarmKind.Place,
            badness,
            isSilent ? $"{place.Name}: no reading" : $"{place.Name}: check it now",
            $"Since {Quantity.Moment(trouble.From)}: {trouble.Words}{(trouble.ToDo is { } todo ? $"\n{todo}" : "")}",
            $"/site/temperature/{place.Id}",
            isSilent ? [.. Enum.GetValues<PlaceTroubleKind>().Select(k => KeyOf(place, k))] : null
        );
    }
}
