using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Book;

/// <summary>The entries of one gesture: saved together or not at all.</summary>
/// <param name="Act">UUID of the gesture.</param>
/// <param name="IfConflict"><c>warn</c> if left out.</param>
public sealed record RecordRequest(Guid Act, string Who, IReadOnlyList<EntryToRecord> Entries, IfConflict? IfConflict = null)
{
    public Refusal? Check(DateOnly today, IReadOnlyCollection<string> places)
    {
        if ((Limits.Text("who", Who, 40) ?? Limits.Count("entries", Entries.Count, 1, 200)) is { } refusal)
            return refusal;
        for (var i = 0; i < Entries.Count; i++)
        {
            var at = $"entries[{i}]";
            if (Entries[i] is not { } entry)
                return new(at, $"{at} is null; an entry is needed.");
            if (Limits.Day($"{at}.doneOn", entry.DoneOn) is { } wrongDay)
                return wrongDay;
            if (entry.DoneOn > today)
                return new($"{at}.doneOn", $"doneOn was {entry.DoneOn:yyyy-MM-dd}; valid is a day up to today, {today:yyyy-MM-dd}.");
            if (entry.DoneAt is { } moment && !Moments.Fits(moment, entry.DoneOn))
                return new(
                    $"{at}.doneAt",
                    $"{at}.doneAt was {moment:yyyy-MM-ddTHH:mm:sszzz}; valid is a moment of doneOn, {entry.DoneOn:yyyy-MM-dd}."
                );
            if (Limits.Day($"{at}.recordedAt", DateOnly.FromDateTime(entry.RecordedAt.UtcDateTime)) is { } wrongClock)
                return wrongClock;
            if (entry.Id == Guid.Empty)
                return new($"{at}.id", $"{at}.id is empty; a UUID is needed.");
            if (PayloadCheck.Of($"{at}.payload", entry.Payload, places) is { } wrong)
                return wrong;
        }
        var moved = Entries
            .Select((e, i) => (e.Payload as Moved, i))
            .Where(m => m.Item1 is not null)
            .GroupBy(m => m.Item1!.Part)
            .FirstOrDefault(g => g.Select(m => m.Item1!.Place).Distinct().Count() > 1);
        return moved is null
            ? null
            : new(
                $"entries[{moved.Last().i}].payload.place",
                $"Part {moved.Key} is moved to two places in one gesture; valid is one place."
            );
    }

    public IReadOnlyList<Entry> ToEntries() =>
        [.. Entries.Select(e => new Entry(e.Id, 0, Act, e.DoneOn, e.DoneAt, e.RecordedAt, Who.Trim(), EntrySource.Hand, e.Payload))];
}
