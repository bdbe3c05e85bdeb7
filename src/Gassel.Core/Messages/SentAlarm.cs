namespace Gassel.Core.Messages;

/// <summary>The last that somebody was told of a trouble.</summary>
public sealed record SentAlarm(
    string Key,
    AlarmKind Kind,
    double BadnessK,
    string Title,
    DateTimeOffset At,
    bool IsOver,
    IReadOnlyList<string>? About = null
);
