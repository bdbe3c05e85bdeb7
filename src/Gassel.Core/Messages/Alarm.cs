namespace Gassel.Core.Messages;

/// <summary>Something that is the matter now.</summary>
/// <param name="Key">The same while it is the same trouble.</param>
/// <param name="BadnessK">How bad, in kelvin: the higher the worse; 0 where it has no degrees.</param>
/// <param name="Title">What to do.</param>
/// <param name="Text">Why, with hours and temperatures.</param>
/// <param name="About">Each thing that it is about, the jugs of a freeze for instance: one more of them is worse. Null where it is
/// one.</param>
/// <param name="Path">The view that shows it.</param>
/// <param name="Hides">Troubles that cannot be known to be over while this one is there: those of a thermometer that is silent.</param>
public sealed record Alarm(
    string Key,
    AlarmKind Kind,
    double BadnessK,
    string Title,
    string Text,
    string Path,
    IReadOnlyList<string>? Hides = null,
    IReadOnlyList<string>? About = null
);
