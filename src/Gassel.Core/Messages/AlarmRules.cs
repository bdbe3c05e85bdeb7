namespace Gassel.Core.Messages;

/// <summary>
/// Which troubles somebody is told of now: each once, again when it is worse or still there after twelve hours, and once more when it is
/// over. In quiet hours only a freeze and a place out of bounds come through; the others wait for the morning.
/// </summary>
public static class AlarmRules
{
    /// <summary>Told again after this (our assumption).</summary>
    public static readonly TimeSpan AgainAfter = TimeSpan.FromHours(12);

    /// <summary>Worse by so much is told at once, K (our assumption).</summary>
    public const double WorseByK = 2;

    /// <param name="alarms">All that is the matter.</param>
    /// <param name="sent">What was told last of each trouble.</param>
    /// <param name="now">At the site.</param>
    public static IReadOnlyList<AlarmToSend> ToSend(
        IReadOnlyList<Alarm> alarms,
        IReadOnlyList<SentAlarm> sent,
        DateTimeOffset now,
        QuietHours? quiet
    )
    {
        var told = sent.GroupBy(s => s.Key).ToDictionary(g => g.Key, g => g.MaxBy(s => s.At)!);
        var isQuiet = quiet?.Hold(TimeOnly.FromTimeSpan(now.TimeOfDay)) == true;
        return
        [
            .. alarms
                .Select(a => (Alarm: a, Reason: Reason(a, told.GetValueOrDefault(a.Key), now)))
                .Where(x => x.Reason is not null && (!isQuiet || ComesThrough(x.Alarm.Kind)))
                .Select(x => new AlarmToSend(x.Alarm, x.Reason!.Value)),
            .. told
                .Values.Where(s => !s.IsOver && !isQuiet && alarms.All(a => a.Key != s.Key && a.Hides?.Contains(s.Key) != true))
                .OrderBy(s => s.At)
                .Select(s => new AlarmToSend(new(s.Key, s.Kind, s.BadnessK, s.Title, "", "/"), AlarmReason.Over)),
        ];
    }

    private static bool ComesThrough(AlarmKind kind) => kind is AlarmKind.Freeze or AlarmKind.Place;

    private static AlarmReason? Reason(Alarm alarm, SentAlarm? last, DateTimeOffset now) =>
        last is null or { IsOver: true } ? AlarmReason.New
        : alarm.BadnessK >= last.BadnessK + WorseByK || alarm.About?.Except(last.About ?? []).Any() == true ? AlarmReason.Worse
        : now - last.At >= AgainAfter ? AlarmReason.Still
        : null;
}
