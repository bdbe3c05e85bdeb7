namespace Gassel.Core.Planning;

/// <summary>A chain of stays without gaps whose first day is to be found.</summary>
/// <param name="Priority">At least 1.</param>
/// <param name="Target">Best day for its first step to start, from <paramref name="Earliest"/> to <paramref name="Latest"/>.</param>
public sealed record SeasonWish(
    string Id,
    IReadOnlyList<SeasonStep> Steps,
    DateOnly Target,
    DateOnly Earliest,
    DateOnly Latest,
    int Priority = 1
)
{
    /// <summary>What leaving it out costs, at priority 1 (docs/calculations.md).</summary>
    public const int LeftOutDays = 10_000;

    /// <param name="start">Null where it is left out.</param>
    public long Cost(DateOnly? start) => (long)Priority * (start is { } on ? Math.Abs(on.DayNumber - Target.DayNumber) : LeftOutDays);

    /// <summary>What it takes, step by step, if it starts on that day; the end is not included.</summary>
    public IEnumerable<(string Place, int Room, DateOnly From, DateOnly To)> From(DateOnly start)
    {
        foreach (var step in Steps)
        {
            var end = start.AddDays(step.Days);
            yield return (step.Place, step.Room, start, end);
            start = end;
        }
    }
}
