using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Yard;

/// <param name="Saved">True where the fit is now used for every container of its kind.</param>
/// <param name="Refused">Lines that could not be read, the first of them.</param>
public sealed record CalibrationView(ContainerCalibration Fit, bool Saved, IReadOnlyList<string> Refused);

/// <summary>Fits the model to a thermometer that lay in one container: a CSV of moments and temperatures.</summary>
internal static class Calibrating
{
    private const int MaxBytes = 4_000_000;
    private const int MaxRows = 20_000;
    private const int RefusedShown = 10;

    public static async Task<Results<Ok<CalibrationView>, ProblemHttpResult>> Fit(
        Guid id, string part, string? spot, HttpRequest request, YardBook yard, YardWeather weather, BatchShelf shelf, SiteSaving site, SiteClock clock, CancellationToken cancel, bool save = false)
    {
        var (vessel, missing) = await YardEndpoints.Find(id, part, yard, shelf, cancel);
        if (vessel is null) return missing!.ToResult();
        var words = new QueryWords();
        var where = words.Name<ProbeSpot>("spot", spot) ?? ProbeSpot.Medium;
        if (words.Refusal is { } unclear) return unclear.ToResult();
        if (vessel.Container is not { } container) return new Refusal("container", vessel.Withheld!).ToResult();
        if (vessel.Setup.Kind is not { } kind) return new Refusal("container", "A vessel of one's own has no kind to fit for; describe it as one of the kinds first.").ToResult();
        if (request.ContentLength > MaxBytes) return new Refusal("file", $"The file is larger than {MaxBytes / 1_000_000} MB; a month of readings is enough.").ToResult();
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, cancel);
        var (text, notText) = CsvText.Decode(body.ToArray(), "name its columns");
        if (text is null) return notText!.ToResult();
        var (readings, refused) = Read(text, clock.LocalTimeZone);
        var known = container.Tale.Days.LastOrDefault(d => d.Source == YardDaySource.Recorded).Inside.Date;
        var hours = container.Tale.Run.Hours.TakeWhile(h => h.Date <= known).ToList();
        if (hours.Count == 0) return new Refusal("container", "Nothing is recorded of its weather yet.").ToResult();
        var fit = ContainerCalibration.Fit(ContainerParameters.Of(kind), vessel.Setup.StonesKg, hours, h => container.Life.At(h.At), readings, where);
        if (fit is null)
        {
            return new Refusal("file", string.Create(CultureInfo.InvariantCulture, $"{readings.Count} of its rows are readings; at least {ContainerCalibration.LeastReadings} hours between {hours[0].Date:yyyy-MM-dd} and {known:yyyy-MM-dd} are needed. Columns: at (2027-03-01T14:00) and tempC.{(refused.Count > 0 ? " " + refused[0] : "")}")).ToResult();
        }
        if (save) await site.AddCalibration(new(kind, fit.UWallWm2K, fit.Transmittance, fit.RmsK, fit.Residuals.Count, clock.Today), cancel);
        return TypedResults.Ok(new CalibrationView(fit, save, refused));
    }

    private static (List<TemperatureReading> Readings, List<string> Refused) Read(string text, TimeZoneInfo zone)
    {
        var delimiter = text.Split('\n', 2)[0] is var first && first.Count(c => c == ';') > first.Count(c => c == ',') ? ';' : ',';
        using var csv = CsvDataReader.Create(new StringReader(text), new CsvDataReaderOptions { Delimiter = delimiter, HasHeaders = true });
        var (readings, refused) = (new SortedDictionary<long, double>(), new List<string>());
        for (var row = 2; csv.Read() && row <= MaxRows; row++)
        {
            var (at, tempC) = (csv.FieldCount > 0 ? csv.GetString(0).Trim() : "", csv.FieldCount > 1 ? csv.GetString(1).Trim() : "");
            var local = DateTime.TryParse(at, CultureInfo.InvariantCulture, DateTimeStyles.None, out var day);
            var offset = at.EndsWith('Z') || at.LastIndexOf('+') > 10 || at.LastIndexOf('-') > 10;
            DateTimeOffset? moment = offset && DateTimeOffset.TryParse(at, CultureInfo.InvariantCulture, DateTimeStyles.None, out var exact) ? exact
                : local && !zone.IsInvalidTime(DateTime.SpecifyKind(day, DateTimeKind.Unspecified)) ? new DateTimeOffset(DateTime.SpecifyKind(day, DateTimeKind.Unspecified), zone.GetUtcOffset(DateTime.SpecifyKind(day, DateTimeKind.Unspecified))) : null;
            if (moment is { } when && double.TryParse(tempC, NumberStyles.Float, CultureInfo.InvariantCulture, out var c) && c is > -60 and < 80) readings[when.ToUnixTimeMilliseconds()] = c;
            else if (refused.Count < RefusedShown) refused.Add(string.Create(CultureInfo.InvariantCulture, $"Line {row}: '{at}', '{tempC}' is no moment with a temperature in °C."));
        }
        return ([.. readings.Select(r => new TemperatureReading(r.Key, r.Value))], refused);
    }
}
