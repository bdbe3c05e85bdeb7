using System.Collections.Concurrent;
using System.Globalization;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Yard;

/// <summary>When a species goes out, over the winters on record.</summary>
/// <param name="Wave">Into which wave it falls, in words.</param>
/// <param name="ColdDays">Days of cold by weight that it needs at least.</param>
/// <param name="UsualColdDays">What is usual; null where that is what is needed.</param>
public sealed record SpeciesWave(string SpeciesId, string CommonName, string RouteId, double ColdDays, double? UsualColdDays, double KillC, SetOutResult SetOut, string Wave);

/// <param name="Season">Winter that the dates stand for, by its first year.</param>
/// <param name="Record">Name of the weather record; null where there is none.</param>
public sealed record WavesView(int Season, string? Record, bool Generated, IReadOnlyList<SpeciesWave> Species, string? Withheld);

/// <summary>Set-out windows by the site's own record, simulated once for a kind of container and care.</summary>
internal sealed class WinterBook(YardWeather weather, SiteClock clock)
{
    private readonly ConcurrentDictionary<(string Parameters, CapPosition Cap, int? Record, double OffsetK, DateOnly From), WinterRuns> _runs = [];

    /// <summary>First day to set out on: the first of October, or half a year later in the south.</summary>
    public DateOnly From => South ? new(Season, 4, 1) : new(Season, 10, 1);

    private bool South => (clock.Site?.Latitude ?? 0) < 0;

    /// <summary>The winter that the next set-out belongs to: this one until the end of April.</summary>
    public int Season => South ? (clock.Today.Month <= 10 ? clock.Today.Year : clock.Today.Year + 1) : clock.Today.Month <= 4 ? clock.Today.Year - 1 : clock.Today.Year;

    /// <summary>Weekly days through the winter.</summary>
    public IReadOnlyList<DateOnly> Dates => [.. Enumerable.Range(0, 29).Select(i => From.AddDays(7 * i))];

    /// <summary>Null without a record of the right hemisphere; then why.</summary>
    public (WinterRuns? Runs, string? Withheld) Runs(ContainerParameters parameters, CapPosition cap)
    {
        var daily = weather.Record();
        var latitude = clock.Site?.Latitude ?? 0;
        if (daily.Count == 0) return (null, "No weather record: import the daily minima and maxima of a station near by on Site.");
        if (WinterRuns.WrongHemisphere(daily, latitude) is { } warmest)
        {
            return (null, string.Create(CultureInfo.InvariantCulture, $"The record is warmest in {CultureInfo.InvariantCulture.DateTimeFormat.GetMonthName(warmest)}, and the site lies at {latitude:0.#}°: the record or the latitude is of the other hemisphere."));
        }
        var offsetK = clock.Settings.FrostOffsetK;
        return (_runs.GetOrAdd((parameters.ToString(), cap, clock.Site?.WeatherRecordId, offsetK, From), _ => new WinterRuns(
            [.. daily.Select(d => d with { MinC = d.MinC + offsetK, MaxC = d.MaxC + offsetK })], latitude, parameters, new(cap), From)), null);
    }
}

internal static class Waves
{
    public static async Task<Results<Ok<WavesView>, ProblemHttpResult>> All(string? preset, string? cap, Library library, WeatherBook records, WinterBook winters, YardBook yard, SiteClock clock)
    {
        var (container, position, unclear) = Container(preset, cap);
        if (unclear is not null) return unclear.ToResult();
        var record = (await records.Records()).FirstOrDefault(r => r.Id == clock.Site?.WeatherRecordId);
        var (runs, withheld) = winters.Runs(yard.Parameters(new(container)), position);
        if (runs is null) return TypedResults.Ok(new WavesView(winters.Season, record?.Name, record?.Generated ?? false, [], withheld));
        var species = await library.Species();
        var found = species.Select(s => (Species: s, Route: s.Routes.FirstOrDefault(r => r.Setting == RouteSetting.WinterContainer))).Where(x => x.Route is not null).ToList();
        var told = new SpeciesWave?[found.Count];
        Parallel.For(0, found.Count, new ParallelOptions { MaxDegreeOfParallelism = 2 }, i => told[i] = Tell(found[i].Species, found[i].Route!, runs, winters.Dates));
        return TypedResults.Ok(new WavesView(winters.Season, record?.Name, record?.Generated ?? false,
            [.. told.OfType<SpeciesWave>().OrderBy(w => w.SetOut.Window?.Latest ?? DateOnly.MinValue).ThenBy(w => w.CommonName, StringComparer.Ordinal)], null));
    }

    public static async Task<Results<Ok<SpeciesWave>, ProblemHttpResult>> One(
        string speciesId, string routeId, string? preset, string? cap, Library library, WinterBook winters, YardBook yard)
    {
        var (container, position, unclear) = Container(preset, cap);
        if (unclear is not null) return unclear.ToResult();
        if ((await library.Species()).SingleOrDefault(s => s.Id == speciesId) is not { } species) return Refusal.NotFound("speciesId", speciesId, "Choose a species of the library.").ToResult();
        if (species.Routes.SingleOrDefault(r => r.Id == routeId) is not { IsOutdoors: true } route) return new Refusal("routeId", $"{routeId} is no route outdoors of this species.").ToResult();
        var (runs, withheld) = winters.Runs(yard.Parameters(new(container)), position);
        if (runs is null) return new Refusal("weather", withheld!).ToResult();
        return Tell(species, route, runs, winters.Dates) is { } wave ? TypedResults.Ok(wave) : new Refusal("routeId", $"{routeId} asks for no cold, so no winter is needed.").ToResult();
    }

    private static (ContainerPreset Container, CapPosition Cap, Refusal? Refusal) Container(string? preset, string? cap)
    {
        var words = new QueryWords();
        return (words.Name<ContainerPreset>("preset", preset) ?? ContainerPreset.Jug4, words.Name<CapPosition>("cap", cap) ?? CapPosition.Off, words.Refusal);
    }

    private static SpeciesWave? Tell(Core.Treatments.Species species, Core.Treatments.Route route, WinterRuns runs, IReadOnlyList<DateOnly> dates)
    {
        if (SpeciesOutdoors.NeedOf(species, route) is not { } need) return null;
        var setOut = runs.For(need, dates);
        return new(species.Id, species.CommonName, route.Id, need.ColdDays, need.UsualColdDays, need.KillC, setOut, SetOutWave.Words(setOut.Window, dates[0], species.Hardiness));
    }
}
