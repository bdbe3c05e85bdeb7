using Gassel.Core.Climate;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Data.Readings;
using Gassel.Data.Rows;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Temperature;

internal static class TemperatureEndpoints
{
    /// <summary>Ten years of a reading a minute.</summary>
    private const long MaxBytes = 400_000_000;

    private const int HoursShown = 14 * 24;
    private const int DaysShown = 200;

    public static void MapTemperature(this RouteGroupBuilder api)
    {
        api.MapGet("/temperatures", All);
        api.MapGet("/places/{id}/temperature", One).ProducesProblem(404);
        api.MapPost("/places/{id}/probe", Attach).For(Role.Grower).ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        api.MapPut("/reading-series/{id:int}", Change).For(Role.Grower).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/yard/containers/{id:guid}/{part}/calibration-file", Calibrating.Fit)
            .For(Role.Grower)
            .Accepts<string>("text/csv")
            .ProducesProblem(400)
            .ProducesProblem(404)
            .ProducesProblem(413)
            .ProducesProblem(415);
        api.MapPost("/places/{id}/reading-file", ReadFile)
            .For(Role.Grower)
            .Accepts<string>("text/csv")
            .WithMetadata(new RequestSizeLimitAttribute(MaxBytes))
            .ProducesProblem(400)
            .ProducesProblem(404)
            .ProducesProblem(409)
            .ProducesProblem(413)
            .ProducesProblem(415);
    }

    private static async Task<IReadOnlyList<PlaceOverview>> All(TemperatureWatch watch, ReadingBook readings, Library library)
    {
        var (now, series) = (await watch.Now(), (await readings.Series()).ToLookup(s => s.PlaceId));
        // of a place that is not used any more what it measured is still worth a look
        var shown = (await library.Places()).Where(p => p.RetiredOn is null || series[p.Id].Any());
        return [.. shown.Select(p => new PlaceOverview(p, now[p.Id], [.. series[p.Id]]))];
    }

    private static async Task<Results<Ok<PlaceDetail>, ProblemHttpResult>> One(
        string id,
        TemperatureWatch watch,
        ReadingBook readings,
        SiteClock clock
    )
    {
        if (!(await watch.Places()).TryGetValue(id, out var place))
            return NoSuchPlace(id).ToResult();
        var (known, now) = (await watch.Known(), clock.GetUtcNow());
        var recent = ReadingJumps.Judge(readings.Between(id, now.AddHours(-HoursShown), now)).ToList();
        var days = known.Measured(id, ColdResponse.Usual);
        DateTimeOffset Local(long unixMs) => TimeZoneInfo.ConvertTime(DateTimeOffset.FromUnixTimeMilliseconds(unixMs), clock.LocalTimeZone);
        return TypedResults.Ok(
            new PlaceDetail(
                place,
                (await watch.Now())[id],
                UsualPlaces.Wanted(place.Kind),
                [.. (await readings.Series()).Where(s => s.PlaceId == id)],
                [
                    .. recent
                        .Where(r => !r.IsJump)
                        .GroupBy(r => r.Reading.UnixMs / 3_600_000)
                        .Select(h => new HourOfReadings(
                            Local(h.Key * 3_600_000),
                            h.Min(r => r.Reading.TempC),
                            Math.Round(h.Average(r => r.Reading.TempC), 2),
                            h.Max(r => r.Reading.TempC)
                        )),
                ],
                [
                    .. readings
                        .Humidity(id, now.AddHours(-HoursShown), now)
                        .GroupBy(h => h.UnixMs / 3_600_000)
                        .Select(h => new HourOfHumidity(Local(h.Key * 3_600_000), Math.Round(h.Average(r => r.Percent), 1))),
                ],
                [.. recent.Where(r => r.IsJump).Select(r => new SampleReading(Local(r.Reading.UnixMs), r.Reading.TempC))],
                [.. days.SkipWhile(d => d.Date < clock.Today.AddDays(-DaysShown))],
                known.Typed(id),
                await watch.Troubles(place)
            )
        );
    }

    private static async Task<Results<Ok<PlaceOverview>, ProblemHttpResult>> Attach(
        string id,
        ProbeToAttach probe,
        TemperatureWatch watch,
        ReadingBook readings,
        PlayedProbes probes,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        if (!(await watch.Places()).TryGetValue(id, out var place))
            return NoSuchPlace(id).ToResult();
        if (!clock.IsDemo)
            return new Refusal(
                "device",
                "Only a demo book plays simulated thermometers; in your own book add one that measures.",
                StatusCodes.Status409Conflict,
                "Not accepted"
            ).ToResult();
        if ((await readings.Attached()).Any(s => s.PlaceId == id))
            return new Refusal(
                "device",
                $"{place.Name} has a probe already; take that one off first.",
                StatusCodes.Status409Conflict,
                "Not accepted"
            ).ToResult();
        await probes.Attach(id, probe.Device, cancel);
        return TypedResults.Ok(
            new PlaceOverview(place, (await watch.Now())[id], [.. (await readings.Series()).Where(s => s.PlaceId == id)])
        );
    }

    private static async Task<Results<Ok<IReadOnlyList<ReadingSeries>>, ProblemHttpResult>> Change(
        int id,
        SeriesChange change,
        ReadingBook readings,
        PlayedProbes probes,
        MqttEar ear,
        WriteGate gate,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        if ((await readings.Series()).SingleOrDefault(s => s.Id == id) is not { } series)
            return Refusal.NotFound("readings", id, "Choose one of those listed under Site, Temperature.").ToResult();
        if (series.Source == ReadingSource.File && (change.Attached is not null || change.Behaviour is not null))
            return new Refusal("attached", $"{series.Name} is a file; it can be set aside and nothing else.").ToResult();
        if (series.Device is not null && !clock.IsDemo)
            return new Refusal("aside", $"{series.Name} is simulated; in a real book it stays aside.").ToResult();
        await readings.Change(
            id,
            row =>
            {
                row.Attached = change.Attached ?? row.Attached;
                row.Aside = change.Aside ?? row.Aside;
                if (change.Behaviour is { } behaviour)
                    (row.Behaviour, row.BehaviourSince) = (behaviour, clock.GetUtcNow().ToUnixTimeMilliseconds());
            },
            gate
        );
        if (change.Attached is not null)
            ear.Look();
        if (series.Device is not null)
            await probes.Play(cancel);
        return TypedResults.Ok<IReadOnlyList<ReadingSeries>>([.. (await readings.Series()).Where(s => s.PlaceId == series.PlaceId)]);
    }

    /// <summary>
    /// Judges every row by the columns named, or guessed where none are; with <c>save</c> the good readings become a series of the place.
    /// </summary>
    private static async Task<Results<Ok<LoggerFileReport>, ProblemHttpResult>> ReadFile(
        string id,
        string? name,
        string? atColumn,
        string? timeColumn,
        string? tempColumn,
        string? order,
        string? unit,
        string? clock,
        HttpRequest request,
        TemperatureWatch watch,
        ReadingBook readings,
        WriteGate gate,
        SiteClock site,
        CancellationToken cancel,
        bool unitSure = false,
        bool save = false
    )
    {
        if (!(await watch.Places()).TryGetValue(id, out var place))
            return NoSuchPlace(id).ToResult();
        var (question, unclear) = LoggerFileQuestion.From(atColumn, timeColumn, tempColumn, order, unit, clock, unitSure);
        if (question is null)
            return unclear!.ToResult();
        if (save && Limits.Text("name", name, 80) is { } nameless)
            return nameless.ToResult();
        var now = site.GetUtcNow();
        var typicalC = PlaceDays.AssumedOn(place, (await watch.Known()).Typed(id), site.Today).TempC;
        var (opened, refusal) = await LoggerFile.Open(request.Body, question, typicalC, site.LocalTimeZone, now, cancel);
        if (opened is null)
            return refusal!.ToResult();
        await using var file = opened;
        try
        {
            if (!save)
            {
                await foreach (var _ in file.Chunks(cancel)) { }
                return TypedResults.Ok(file.Report());
            }
            if (file.IsUnitInDoubt)
                return new Refusal("unit", file.Report().UnitDoubt!).ToResult();
            var imported = await readings.Import(id, name!.Trim(), now, file.Chunks(cancel), gate, cancel);
            var report = file.Report() with { Twice = imported.Twice, ThereAlready = imported.ThereAlready, SavedAs = imported.Series };
            return report.Readings == 0
                ? new Refusal(
                    "file",
                    $"No row of the file can be used. {(report.Refused is [var most, ..] ? most.Why : "")}".TrimEnd()
                ).ToResult()
                : TypedResults.Ok(report);
        }
        catch (CsvFormatException malformed)
        {
            return CsvText.Malformed(malformed).ToResult();
        }
    }

    private static Refusal NoSuchPlace(string id) => Refusal.NotFound("place", id, "Choose one of the places on Site.");
}
