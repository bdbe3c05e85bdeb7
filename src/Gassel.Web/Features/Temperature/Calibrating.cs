using Gassel.Core;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Site;
using Gassel.Web.Features.Yard;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Temperature;

/// <summary>Fits the model to a thermometer that lay in one container: read like any logger’s file.</summary>
internal static class Calibrating
{
    private const int MaxBytes = 4_000_000;

    /// <summary>Columns, order of the date and unit are guessed as for a logger's file.</summary>
    private static readonly LoggerFileQuestion AsItIs = new(null, null, null, null, null, LoggerClock.SiteTime, UnitSure: true);

    public static async Task<Results<Ok<CalibrationView>, ProblemHttpResult>> Fit(
        Guid id,
        string part,
        string? spot,
        string? who,
        HttpRequest request,
        YardBook yard,
        InsideJudging judging,
        EntryRecorder recorder,
        Asker asker,
        BatchShelf shelf,
        SiteSaving site,
        SiteClock clock,
        CancellationToken cancel,
        bool save = false
    )
    {
        var (vessel, missing) = await YardEndpoints.Find(id, part, yard, shelf, cancel);
        if (vessel is null)
            return missing!.ToResult();
        var words = new QueryWords();
        var where = words.Name<ProbeSpot>("spot", spot) ?? ProbeSpot.Medium;
        if (words.Refusal is { } unclear)
            return unclear.ToResult();
        if (save && Limits.Text("who", who, 40) is { } nameless)
            return nameless.ToResult();
        if (vessel.Container is not { } container)
            return new Refusal("container", vessel.Withheld!).ToResult();
        if (vessel.Setup.Kind is not { } kind)
            return new Refusal(
                "container",
                "A vessel of one's own has no kind to fit for; describe it as one of the kinds first."
            ).ToResult();
        if (request.ContentLength > MaxBytes)
            return new Refusal("file", $"The file is larger than {MaxBytes / 1_000_000} MB; a month of readings is enough.").ToResult();
        var (opened, unread) = await LoggerFile.Open(
            request.Body,
            AsItIs,
            vessel.Place.AssumedC,
            clock.LocalTimeZone,
            clock.GetUtcNow(),
            cancel
        );
        if (opened is null)
            return unread!.ToResult();
        await using var file = opened;
        var readings = new List<TemperatureReading>();
        try
        {
            await foreach (var chunk in file.Chunks(cancel))
                readings.AddRange(chunk.Span);
        }
        catch (CsvFormatException malformed)
        {
            return CsvText.Malformed(malformed).ToResult();
        }
        List<string> refused =
        [
            .. file.Report()
                .Refused.Select(r =>
                    Text.Of($"Line {r.FirstLine}{(r.Count > 1 ? $" and {r.Count - 1} more" : "")}, '{r.FirstCells}': {r.Why}")
                ),
        ];
        var known = container.Tale.Days.LastOrDefault(d => d.Source == YardDaySource.Recorded).Inside.Date;
        var hours = container.Tale.Run.Hours.TakeWhile(h => h.Date <= known).ToList();
        if (hours.Count == 0)
            return new Refusal("container", "Nothing is recorded of its weather yet.").ToResult();
        var fit = ContainerCalibration.Fit(
            ContainerParameters.Of(kind),
            vessel.Setup.StonesKg,
            hours,
            h => container.Life.At(h.At),
            [.. readings.OrderBy(r => r.UnixMs)],
            where
        );
        if (fit is null)
        {
            return new Refusal(
                "file",
                Text.Of(
                    $"{readings.Count} of its rows are readings; at least {ContainerCalibration.LeastReadings} hours "
                        + $"between {hours[0].Date:yyyy-MM-dd} and {known:yyyy-MM-dd} are "
                        + $"needed.{(refused.Count > 0 ? " " + refused[0] : "")}"
                )
            ).ToResult();
        }
        // before the fit, which knows these very readings
        var measured = await judging.Of(vessel, container, [.. readings.OrderBy(r => r.UnixMs)], where, cancel);
        if (save && measured is not null)
            await recorder.Record(id, [Entry(measured, asker.Sign(who ?? ""), clock)], IfConflict.Warn, cancel);
        if (save)
            await site.Change(
                s =>
                    s.With(
                        new KindCalibration(kind, fit.UWallWm2K, fit.Transmittance, fit.RmsK, fit.Residuals.Count, clock.Today, fit.Ends)
                    ),
                cancel
            );
        return TypedResults.Ok(new CalibrationView(fit, measured is null ? null : InsideDays.Words(measured.Days), save, refused));
    }

    private static Entry Entry(InsideMeasured measured, string by, SiteClock clock)
    {
        var entry = Guid.NewGuid();
        return new(entry, 0, entry, clock.Today, null, clock.GetUtcNow(), by, EntrySource.File, measured);
    }
}
