using System.Globalization;
using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data.Rows;

namespace Gassel.Data.Demo;

/// <summary>One batch as it was told, day by day.</summary>
internal sealed class DemoBatch(int number, string speciesId, int lot, int seeds, int plants, string start, int route = 0)
{
    private int _told;

    private GerminationForecast? _forecast;

    public Guid Id { get; } = new(number, 0, 0, [0xde, 0, 0, 0, 0, 0, 0, 1]);

    public List<Entry> Entries { get; } = [];

    public DemoBatch Do(string day, params EntryPayload[] payloads) => Do(day, "grower", payloads);

    public DemoBatch Do(string day, string who, params EntryPayload[] payloads) => Add(day, who, null, payloads);

    /// <summary>At an hour, where hours matter.</summary>
    public DemoBatch At(string day, TimeOnly at, params EntryPayload[] payloads) => Add(day, "grower", at, payloads);

    private DemoBatch Add(string day, string who, TimeOnly? doneAt, EntryPayload[] payloads)
    {
        var act = NextId();
        DateTimeOffset Moment(TimeOnly hour) => new(DemoBatches.Day(day).ToDateTime(hour), TimeSpan.FromHours(-7));
        foreach (var payload in payloads)
        {
            Entries.Add(
                new(
                    NextId(),
                    0,
                    act,
                    DemoBatches.Day(day),
                    doneAt is { } hour ? Moment(hour) : null,
                    Moment(doneAt ?? new(16, 0)),
                    who,
                    EntrySource.Hand,
                    payload
                )
            );
        }
        return this;
    }

    /// <summary>Told afterwards of a time in which nobody kept the book.</summary>
    public DemoBatch Told(string day, EntryPayload payload)
    {
        Entries.Add(
            new(
                NextId(),
                0,
                NextId(),
                DemoBatches.Day(day),
                null,
                new(2027, 2, 20, 19, 0, 0, TimeSpan.FromHours(-7)),
                "grower",
                EntrySource.Told,
                payload
            )
        );
        return this;
    }

    /// <summary>What it was planned with.</summary>
    public DemoBatch Expecting(double mean, double low, double high, string basis)
    {
        _forecast = new(mean, low, high, basis);
        return this;
    }

    /// <summary>Labels printed that day.</summary>
    public DemoBatch Labelled(string day, string part = "1") => Do(day, new Labelled(part, 1, 1));

    /// <summary>Looked at and all well, every so many days from the first to at most the last.</summary>
    public DemoBatch Weekly(string first, string last, int everyDays = 7, string part = "1")
    {
        for (var day = DemoBatches.Day(first); day <= DemoBatches.Day(last); day = day.AddDays(everyDays))
        {
            Do(day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), new Check(part, Moisture.Right, MouldSeen.None, 0));
        }
        return this;
    }

    /// <summary>The same done every day from the first to the last.</summary>
    public DemoBatch Daily(string first, string last, params EntryPayload[] payloads) => Every(1, first, last, payloads);

    public DemoBatch Fortnightly(string first, string last, params EntryPayload[] payloads) => Every(14, first, last, payloads);

    private DemoBatch Every(int days, string first, string last, EntryPayload[] payloads)
    {
        for (var day = DemoBatches.Day(first); day <= DemoBatches.Day(last); day = day.AddDays(days))
            Do(day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), payloads);
        return this;
    }

    public BatchRow ToRow()
    {
        var way = StarterLibrary.All.Single(s => s.Id == speciesId).Routes[route];
        var before = way.Steps.TakeWhile(s => s.Kind != StepKind.Germinate).Sum(s => s.Days.Usual);
        var anchor = new Anchor(AnchorEvent.Sow, DemoBatches.Day(start).AddDays(before));
        var schedule = Scheduler.Plan(
            anchor,
            DemoBatches.Day(start),
            [.. way.Steps.Select(s => new ScheduleStep(s.Kind, s.Days, s.Optional))]
        );
        return new()
        {
            Id = Id,
            Number = number,
            SpeciesId = speciesId,
            LotId = lot,
            Plan = CoreJson.Write(BatchPlanner.Confirm(way, anchor, schedule, PlanChoice.Usual, plants, seeds, _forecast)!),
            ConfirmedAt = new DateTimeOffset(
                DemoBatches.Day(start).AddDays(-3).ToDateTime(new(20, 0)),
                TimeSpan.FromHours(-7)
            ).ToUnixTimeMilliseconds(),
            Who = "grower",
        };
    }

    private Guid NextId() => new(number, (short)++_told, 0, [0xde, 0, 0, 0, 0, 0, 0, 2]);
}
