using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests;

/// <summary>A small book of entries for one invented batch.</summary>
internal sealed class Book
{
    private readonly List<Entry> _entries = [];

    public static Species Of(string id) => StarterLibrary.All.Single(s => s.Id == id);

    /// <summary>A batch of 60 seeds, planned with usual durations from the start date.</summary>
    public static BatchPlan Plan(string species = "balsamroot", string start = "2026-12-01")
    {
        var route = Of(species).Routes[0];
        var from = DateOnly.ParseExact(start, "yyyy-MM-dd");
        var steps = new List<PlannedStep>();
        foreach (var step in route.Steps)
        {
            steps.Add(new(step, step.Days.Usual, from, from.AddDays(step.Days.Usual), false));
            from = from.AddDays(step.Days.Usual);
        }
        return new(route, steps, 30, 60, new(AnchorEvent.PlantOut, from), steps[0].Start.AddDays(-20), steps[0].Start.AddDays(40));
    }

    public IReadOnlyList<Entry> Entries => _entries;

    /// <summary>What another book holds.</summary>
    public Book Also(Book other)
    {
        _entries.AddRange(other._entries);
        return this;
    }

    public Book Add(string day, EntryPayload payload) => Add(DateOnly.ParseExact(day, "yyyy-MM-dd"), payload);

    public Book Add(DateOnly day, EntryPayload payload, int? number = null)
    {
        var id = IdOf(number ?? _entries.Count + 1);
        _entries.Add(new(id, _entries.Count + 1, id, day, null, DateTimeOffset.UnixEpoch, "grower", EntrySource.Hand, payload));
        return this;
    }

    /// <summary>The same with the moment it was done at.</summary>
    public Book At(DateTimeOffset moment, EntryPayload payload)
    {
        Add(DateOnly.FromDateTime(moment.DateTime), payload);
        _entries[^1] = _entries[^1] with { DoneAt = moment };
        return this;
    }

    /// <summary>Id of the n-th entry, from 1.</summary>
    public static Guid IdOf(int number) => new(number, 0, 0, [0, 0, 0, 0, 0, 0, 0, 1]);

    public BatchState Fold(BatchPlan? plan = null) => BatchFold.Run(plan ?? Plan(), _entries);

    /// <summary>Sixty seeds into the cold on 1 December and sown on 20 February.</summary>
    public static Book SownBalsamroot() =>
        new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 1")))
            .Add("2027-02-20", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 1", 72)));
}
