namespace Gassel.Core.Messages;

/// <summary>Hours of the night in which only what kills before the morning is told.</summary>
/// <param name="To">Earlier than <paramref name="From"/> where they go over midnight.</param>
public sealed record QuietHours(TimeOnly From, TimeOnly To)
{
    public bool Hold(TimeOnly time) => From <= To ? time >= From && time < To : time >= From || time < To;
}
