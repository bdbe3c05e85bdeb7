using Gassel.Core;
using Gassel.Core.Messages;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Features.Yard;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Messages;

/// <summary>What is the matter now and cannot wait until somebody opens the page.</summary>
internal sealed class AlarmsNow(YardBook yard, TemperatureWatch watch, Library library, SiteClock clock)
{
    public async Task<IReadOnlyList<Alarm>> All(CancellationToken cancel)
    {
        var alarms = new List<Alarm>();
        foreach (var alert in YardViews.Alerts(await yard.All(cancel)))
        {
            if (KindOf(alert.Kind) is { } kind)
                alarms.Add(new($"yard:{alert.Kind}", kind, Badness(kind, alert.WorstC), alert.Title, Text(alert), "/yard"));
        }
        foreach (var place in await library.Places())
        {
            foreach (var trouble in (await watch.Troubles(place)).Where(t => t.IsPresent && t.Kind != PlaceTroubleKind.Jumping))
                alarms.Add(Of(place, trouble));
        }
        return alarms;
    }

    private static AlarmKind? KindOf(YardWarningKind kind) =>
        kind switch
        {
            YardWarningKind.FreezeComing => AlarmKind.Freeze,
            YardWarningKind.CookRisk or YardWarningKind.OpenCaps => AlarmKind.Heat,
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
