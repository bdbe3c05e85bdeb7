using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Web.Door;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Forecasts;

/// <summary>Asks a service once and reads its answer.</summary>
internal sealed class ForecastQuestion(SiteClock clock)
{
    /// <summary>Days asked for, today not counted; what is told beyond is kept too.</summary>
    private const int DaysAhead = 9;

    /// <param name="Text">The answer as it came; empty where none did.</param>
    /// <param name="Reading">Null where it could not be read.</param>
    public sealed record Answer(string Text, ForecastReading? Reading, Refusal? Fault);

    /// <param name="from">First day asked for: today, or earlier where days passed unasked.</param>
    public async Task<Answer> Ask(ForecastServiceToUse service, DateOnly from, CancellationToken cancel)
    {
        if (clock.Site is not { } site)
            return new("", null, new("address", "Name the site first: a forecast needs its place."));
        if (service.Address.Contains("{longitude}", StringComparison.Ordinal) && clock.Settings.Longitude is null)
            return new("", null, new("address", "The address wants the longitude, and the site has none; enter it under Site."));
        var address = service
            .Address.Replace("{latitude}", Number(site.Latitude), StringComparison.Ordinal)
            .Replace("{longitude}", Number(clock.Settings.Longitude ?? 0), StringComparison.Ordinal)
            .Replace("{from}", Day(from), StringComparison.Ordinal)
            .Replace("{to}", Day(clock.Today.AddDays(DaysAhead)), StringComparison.Ordinal);
        string text;
        try
        {
            using var request = new HttpRequestMessage(HttpMethod.Get, address);
            foreach (var header in service.Headers ?? [])
                request.Headers.TryAddWithoutValidation(header.Name, header.Value);
            text = await OutwardClient.Send(request, service.AllowPrivate, cancel);
        }
        catch (OutwardException failed)
        {
            return new("", null, new("address", $"The service could not be asked: {failed.Message}."));
        }
        var (rows, refusal) = ForecastAnswer.Read(text, service.Format, service.Fields, clock.LocalTimeZone);
        if (refusal is not null)
            return new(text, null, refusal);
        var reading = new ForecastRows(
            service.Order,
            service.Units ?? new(),
            from,
            clock.GetUtcNow(),
            ForecastSource.Service,
            service.Name.Trim()
        ).Read(rows, clock.Today);
        return new(
            text,
            reading,
            reading.Days.Any(d => d.Date > clock.Today && d.LowC is not null) ? null
                : reading.Refused is [var first, ..]
                    ? new("fields", $"No low of a night to come could be read. Row {Number(first.Line)}: {first.Refused}")
                : new("fields", "No low of a night to come could be read.")
        );
    }

    private static string Day(DateOnly day) => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);

    private static string Number(double value) => value.ToString(CultureInfo.InvariantCulture);
}
