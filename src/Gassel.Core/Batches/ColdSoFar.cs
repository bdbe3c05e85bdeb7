using System.Globalization;
using Gassel.Core.Treatments;

namespace Gassel.Core.Batches;

/// <summary>Days of cold a part has had by the calendar, as a range where something is uncertain. What readings say of them is another reckoning.</summary>
/// <param name="Days">All days in the cold step.</param>
/// <param name="CertainDays">Without those in which it may have lain dry, or from the last warm spell on.</param>
/// <param name="Shortest">What the route asks for at least.</param>
/// <param name="Working">Which days are uncertain, and why.</param>
public sealed record ColdSoFar(int Days, int CertainDays, int Shortest, int Usual, IReadOnlyList<string> Working)
{
    /// <summary>So many days too warm before the shortest time may undo what was gained (common practice, no source).</summary>
    public const int WarmDaysThatUndo = 3;

    /// <summary>A place above this is warm, °C (common practice, no source).</summary>
    public const double WarmAboveC = 15;

    /// <summary>Of the cold step the part is in; null where it is in none.</summary>
    public static ColdSoFar? Of(BatchPlan plan, PartState part, IReadOnlyDictionary<string, Place> places, DateOnly today)
    {
        if (part.Open is not { } open || plan.Steps[open.Step].Step.Kind != StepKind.ColdMoist) return null;
        var step = plan.Steps[open.Step].Step;
        var days = Math.Max(0, today.DayNumber - open.Start.DayNumber);
        var working = new List<string> { string.Create(CultureInfo.InvariantCulture, $"In the cold since {DayWords.Of(open.Start)}: {days} days by the calendar.") };
        var dry = Dry(part, open, working);
        var certain = days - dry;
        if (LastWarmSpell(part, open, places, today) is { } warm && warm.From.DayNumber - open.Start.DayNumber < step.Days.Shortest)
        {
            var since = Math.Max(0, today.DayNumber - warm.To.DayNumber);
            working.Add(string.Create(CultureInfo.InvariantCulture,
                $"{warm.Name} from {DayWords.Of(warm.From)} to {DayWords.Of(warm.To)}, {warm.To.DayNumber - warm.From.DayNumber} days above {WarmAboveC:0} °C as assumed, before the shortest time: all may be kept or it may have started again, with {since} days since."));
            days -= warm.To.DayNumber - warm.From.DayNumber;
            certain = Math.Min(certain, since);
        }
        return new(days, Math.Max(0, Math.Min(certain, days)), step.Days.Shortest, step.Days.Usual, working);
    }

    /// <summary>Nobody knows since when a bag found dry was dry: all since the last good look counts as uncertain.</summary>
    private static int Dry(PartState part, StepSpan open, List<string> working)
    {
        var uncertain = 0;
        var good = open.Start;
        foreach (var check in part.Checks.Where(c => c.On >= open.Start))
        {
            if (check.Moisture == Moisture.Dry)
            {
                var lost = check.On.DayNumber - good.DayNumber;
                uncertain += lost;
                working.Add(string.Create(CultureInfo.InvariantCulture, $"Found dry {DayWords.Of(check.On)}; last seen moist {DayWords.Of(good)}: {lost} days are uncertain, for dry seed gains nothing."));
            }
            good = check.On;
        }
        return uncertain;
    }

    private static (string Name, DateOnly From, DateOnly To)? LastWarmSpell(PartState part, StepSpan open, IReadOnlyDictionary<string, Place> places, DateOnly today)
    {
        (string Name, DateOnly From, DateOnly To)? last = null;
        for (var i = 0; i < part.Stays.Count; i++)
        {
            var from = part.Stays[i].From > open.Start ? part.Stays[i].From : open.Start;
            var to = i + 1 < part.Stays.Count ? part.Stays[i + 1].From : today;
            if (to.DayNumber - from.DayNumber >= WarmDaysThatUndo && places.TryGetValue(part.Stays[i].Place, out var place) && place.AssumedC > WarmAboveC) last = (place.Name, from, to);
        }
        return last;
    }
}
