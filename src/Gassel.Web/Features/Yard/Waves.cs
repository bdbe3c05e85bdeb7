using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Yard;

internal static class Waves
{
    public static async Task<Results<Ok<WavesView>, ProblemHttpResult>> All(
        string? preset,
        string? cap,
        Library library,
        WeatherBook records,
        WinterBook winters,
        SetOutDays days,
        OutdoorNeeds needs,
        SiteClock clock
    )
    {
        var (container, position, unclear) = Container(preset, cap);
        if (unclear is not null)
            return unclear.ToResult();
        var record = (await records.Records()).FirstOrDefault(r => r.Id == clock.Site?.WeatherRecordId);
        var (runs, withheld) = days.Runs(container, position);
        if (runs is null)
            return TypedResults.Ok(new WavesView(winters.Season, record?.Name, record?.Generated ?? false, [], withheld));
        var species = await library.Species();
        var found = species
            .Select(s => (Species: s, Route: s.Routes.FirstOrDefault(r => r.Setting == RouteSetting.WinterContainer)))
            .Where(x => x.Route is not null)
            .ToList();
        var asked = await needs.Known();
        var told = new SpeciesWave?[found.Count];
        Parallel.For(0, found.Count, new ParallelOptions { MaxDegreeOfParallelism = 2 }, i =>
            told[i] = Tell(found[i].Species, found[i].Route!, runs, days, asked, winters.Dates[0])
        );
        return TypedResults.Ok(
            new WavesView(
                winters.Season,
                record?.Name,
                record?.Generated ?? false,
                [
                    .. told.OfType<SpeciesWave>()
                        .OrderBy(w => w.SetOut.Window?.Latest ?? DateOnly.MinValue)
                        .ThenBy(w => w.CommonName, StringComparer.Ordinal),
                ],
                null
            )
        );
    }

    public static async Task<Results<Ok<SpeciesWave>, ProblemHttpResult>> One(
        string speciesId,
        string routeId,
        string? preset,
        string? cap,
        Library library,
        WinterBook winters,
        SetOutDays days,
        OutdoorNeeds needs
    )
    {
        var (found, refusal) = await Find(speciesId, routeId, preset, cap, library, days);
        if (found is not { } wanted)
            return refusal!.ToResult();
        return Tell(wanted.Species, wanted.Route, wanted.Runs, days, await needs.Known(), winters.Dates[0]) is { } wave
            ? TypedResults.Ok(wave)
            : NoWinter(routeId).ToResult();
    }

    /// <summary>How far the days of a species may be off, as far as the numbers of the model may be.</summary>
    public static async Task<Results<Ok<SetOutRange>, ProblemHttpResult>> Range(
        string speciesId,
        string routeId,
        string? preset,
        string? cap,
        Library library,
        SetOutDays days,
        OutdoorNeeds needs
    )
    {
        var (found, refusal) = await Find(speciesId, routeId, preset, cap, library, days);
        if (found is not { } wanted)
            return refusal!.ToResult();
        return (await needs.Known()).Of(wanted.Species, wanted.Route) is { } need
            ? TypedResults.Ok(await days.Range(need, wanted.Runs, wanted.Container))
            : NoWinter(routeId).ToResult();
    }

    private static Refusal NoWinter(string routeId) => new("routeId", $"{routeId} asks for no cold, so no winter is needed.");

    private sealed record Wanted(Core.Treatments.Species Species, Core.Treatments.Route Route, ContainerPreset Container, WinterRuns Runs);

    private static async Task<(Wanted? Found, Refusal? Refusal)> Find(
        string speciesId,
        string routeId,
        string? preset,
        string? cap,
        Library library,
        SetOutDays days
    )
    {
        var (container, position, unclear) = Container(preset, cap);
        if (unclear is not null)
            return (null, unclear);
        if ((await library.Species()).SingleOrDefault(s => s.Id == speciesId) is not { } species)
            return (null, Refusal.NotFound("speciesId", speciesId, "Choose a species of the library."));
        if (species.Routes.SingleOrDefault(r => r.Id == routeId) is not { IsOutdoors: true } route)
            return (null, new("routeId", $"{routeId} is no route outdoors of this species."));
        var (runs, withheld) = days.Runs(container, position);
        return runs is null ? (null, new("weather", withheld!)) : (new(species, route, container, runs), null);
    }

    private static (ContainerPreset Container, CapPosition Cap, Refusal? Refusal) Container(string? preset, string? cap)
    {
        var words = new QueryWords();
        return (
            words.Name<ContainerPreset>("preset", preset) ?? ContainerPreset.Jug4,
            words.Name<CapPosition>("cap", cap) ?? CapPosition.Off,
            words.Refusal
        );
    }

    private static SpeciesWave? Tell(
        Core.Treatments.Species species,
        Core.Treatments.Route route,
        WinterRuns runs,
        SetOutDays days,
        OutdoorNeeds.Now asked,
        DateOnly first
    )
    {
        if (asked.Of(species, route) is not { } need)
            return null;
        var setOut = days.Of(need, runs);
        return new(
            species.Id,
            species.CommonName,
            route.Id,
            need.ColdDays,
            need.UsualColdDays,
            need.KillC,
            setOut,
            SetOutWave.Words(setOut.Window, first, species.Hardiness)
        );
    }
}
