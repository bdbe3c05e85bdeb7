using System.Collections.Concurrent;
using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Learning;
using Gassel.Web.Features.Weather;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Yard;

/// <summary>
/// All containers of the yard with their inside. A run of the model is kept while the weather and the life of the container stay the same.
/// </summary>
internal sealed class YardBook(
    BatchShelf shelf,
    SetAside aside,
    Library library,
    YardWeather weather,
    OutdoorNeeds needs,
    InsideLessons insides,
    SiteClock clock
)
{
    /// <summary>What all containers have in common.</summary>
    private sealed record Ground(
        Dictionary<string, Place> Places,
        YardSky Sky,
        OutdoorNeeds.Now Needs,
        IReadOnlyList<JudgedInside> Insides
    );

    private readonly ConcurrentDictionary<(string Life, DateOnly From, string Parameters), ContainerRun> _runs = [];
    private readonly ConcurrentDictionary<
        (Guid Batch, string Part),
        (long Sequence, long Sky, string Species, YardContainer Container)
    > _containers = [];
    private readonly ConcurrentDictionary<(string Life, DateOnly From, string Numbers, DateOnly Today), ContainerBand> _bands = [];
    private long _runsOf = -1;

    /// <summary>As long as a freeze is looked back on, days.</summary>
    private const int BandDaysBack = 10;

    public async Task<IReadOnlyList<YardVessel>> All(CancellationToken cancel = default)
    {
        var ground = await GroundNow(cancel);
        var species = (await library.Species()).ToDictionary(s => s.Id);
        var out_ = (
            from batch in await shelf.All()
            from part in batch.State.Living
            where IsOut(batch, part, ground.Places)
            select (batch, part)
        ).ToList();
        var vessels = new IReadOnlyList<YardVessel>[out_.Count];
        Parallel.For(0, out_.Count, new ParallelOptions { CancellationToken = cancel, MaxDegreeOfParallelism = 2 }, i =>
            vessels[i] = [.. aside.Each([out_[i].batch], b => Look(b, out_[i].part, species[b.Row.SpeciesId], ground))]
        );
        return [.. vessels.SelectMany(v => v)];
    }

    /// <summary>Null where it is no container that is out.</summary>
    public async Task<YardVessel?> Find(ShelvedBatch batch, PartState part, CancellationToken cancel = default)
    {
        var ground = await GroundNow(cancel);
        if (!IsOut(batch, part, ground.Places))
            return null;
        return Look(batch, part, (await library.Species()).Single(s => s.Id == batch.Row.SpeciesId), ground);
    }

    private async Task<Ground> GroundNow(CancellationToken cancel) =>
        new((await library.Places()).ToDictionary(p => p.Id), await weather.Sky(cancel), await needs.Known(), await insides.All());

    public static bool IsOut(ShelvedBatch batch, PartState part, Dictionary<string, Place> places) =>
        (part.IsContainer || batch.Plan.Route.Setting == RouteSetting.WinterContainer)
        && part.SownOn is not null
        && !part.IsDone(batch.Plan)
        && part.Place is { } place
        && places.TryGetValue(place, out var where)
        && where.IsOpenAir;

    /// <summary>The fit to a thermometer that lay in one of its kind on this site; null where none did.</summary>
    public KindCalibration? Fitted(ContainerSetup setup) =>
        setup.Kind is { } kind ? clock.Settings.Calibrations?.LastOrDefault(c => c.Kind == kind) : null;

    /// <summary>Parameters of a setup, with what was fitted for its kind on this site.</summary>
    public ContainerParameters Parameters(ContainerSetup setup) =>
        Fitted(setup) is { } fitted
            ? setup.Parameters with
            {
                UWallWm2K = fitted.UWallWm2K,
                Transmittance = fitted.Transmittance,
            }
            : setup.Parameters;

    private YardVessel Look(ShelvedBatch batch, PartState part, Core.Treatments.Species species, Ground ground)
    {
        var (sky, place, setup) = (ground.Sky, ground.Places[part.Place!], part.Setup ?? ContainerSetup.Assumed);
        var life = Life(part, ground.Places, setup, sky);
        var times = JudgedInside.TimesFor(ground.Insides, setup.Kind, Parameters(setup).UWallWm2K);
        YardVessel Withheld(string why) => new(batch, part, species, place, setup, life, null, why, [], false);
        if (sky.Days.Count == 0)
            return Withheld("No weather is known for the yard: enter the forecast, import a record on Site, or add a thermometer.");
        if (ground.Needs.Of(species, batch.Plan.Route) is not { } need)
            return Withheld("This route asks for no cold.");
        var from = part.SownOn!.Value;
        if (from < sky.Days[0].Date)
            return Withheld($"Its weather is known only from {Core.Quantity.Day(sky.Days[0].Date)} on, and it was set out before.") with
            {
                Warnings = Ahead(part, species, setup, life, need, sky),
                IsWatched = true,
            };
        if (from > sky.Days[^1].Date)
            return Withheld("It was set out after the last day of known weather.");
        var container =
            _containers.TryGetValue((batch.Row.Id, part.Id), out var kept)
            && (kept.Sequence, kept.Sky) == (batch.State.LastSequence, sky.Version)
            && kept.Species == Mark(species, need, setup, times)
                ? kept.Container
                : Tell(batch, part, species, setup, life, need, times, from, sky);
        return new(batch, part, species, place, setup, life, container, null, YardWatch.Of(container, sky.DaysFrom(from), Now));
    }

    private DateTimeOffset Now => TimeZoneInfo.ConvertTime(clock.GetUtcNow(), clock.LocalTimeZone);

    /// <summary>
    /// Where the weather since it went out is not known it begins with the first day known, at that day's low, not below 0 °C: a freeze is
    /// warned of rather too early than too late (our assumption).
    /// </summary>
    private IReadOnlyList<YardWarning> Ahead(
        PartState part,
        Core.Treatments.Species species,
        ContainerSetup setup,
        ContainerLife life,
        SetOutNeed need,
        YardSky sky
    )
    {
        var from = sky.Days[0].Date;
        var run = new ContainerModel(Parameters(setup), setup.StonesKg).Run(
            sky.HoursFrom(from),
            hour => life.At(hour.At),
            Math.Max(0, sky.Days[0].MinC)
        );
        var tale = ContainerTale.Of(run, sky.DaysFrom(from), need, IsSouth);
        return YardWatch.Ahead(new(part, setup, life, tale, species), sky.DaysFrom(from), Now);
    }

    private bool IsSouth => (clock.Site?.Latitude ?? 0) < 0;

    private static ContainerLife Life(PartState part, Dictionary<string, Place> places, ContainerSetup setup, YardSky sky) =>
        new(
            setup,
            [
                .. part
                    .Stays.Where(s => places.TryGetValue(s.Place, out var p) && p.IsOpenAir)
                    .Select(s => new ExposureFrom(s.From, places[s.Place].Exposure ?? Exposure.Open)),
            ],
            [.. part.Tended.OrderBy(t => t.On)],
            sky.Offset
        );

    private YardContainer Tell(
        ShelvedBatch batch,
        PartState part,
        Core.Treatments.Species species,
        ContainerSetup setup,
        ContainerLife life,
        SetOutNeed need,
        double times,
        DateOnly from,
        YardSky sky
    )
    {
        var tale = ContainerTale.Of(Run(life, from, sky), sky.DaysFrom(from), need, IsSouth);
        var container = new YardContainer(part, setup, life, tale, species) { Band = Band(life, from, tale.Run, times, sky) };
        _containers[(batch.Row.Id, part.Id)] = (batch.State.LastSequence, sky.Version, Mark(species, need, setup, times), container);
        return container;
    }

    private ContainerRun Run(ContainerLife life, DateOnly from, YardSky sky)
    {
        if (Interlocked.Exchange(ref _runsOf, sky.Version) != sky.Version)
        {
            _runs.Clear();
            _bands.Clear();
        }
        var parameters = Parameters(life.Setup);
        return _runs.GetOrAdd((life.Key, from, parameters.ToString()), _ =>
            new ContainerModel(parameters, life.Setup.StonesKg).Run(sky.HoursFrom(from), hour => life.At(hour.At), FromTheTable(sky, from))
        );
    }

    /// <summary>From some days ago to the last day that the forecast tells.</summary>
    private ContainerBand Band(ContainerLife life, DateOnly from, ContainerRun run, double times, YardSky sky)
    {
        var (parameters, fitted) = (Parameters(life.Setup), Fitted(life.Setup)?.Ends);
        return _bands.GetOrAdd((life.Key, from, $"{parameters}{fitted}{times}", clock.Today), _ =>
        {
            var hours = run.Hours;
            int HourOf(DateOnly day) => Math.Clamp((day.DayNumber - hours[0].Date.DayNumber) * 24, 0, hours.Count);
            var told = sky.Days.Where(d => d.Source != YardDaySource.Typical).Select(d => d.Date).LastOrDefault(clock.Today);
            return ContainerBand.Of(
                run,
                HourOf(clock.Today.AddDays(-BandDaysBack)),
                HourOf(told.AddDays(1)),
                hour => life.At(hour.At),
                parameters,
                life.Setup.StonesKg,
                ContainerDoubts.Of(parameters, fitted),
                times
            );
        });
    }

    /// <summary>
    /// A container is filled with moist mix at the table and goes out unfrozen: it begins at the mean of its first day, not below 0 °C (our
    /// assumption).
    /// </summary>
    private static double FromTheTable(YardSky sky, DateOnly from)
    {
        var first = sky.HoursFrom(from).TakeWhile(h => h.Date == from).Select(h => h.TempC).DefaultIfEmpty(0).Average();
        return Math.Max(0, first);
    }

    /// <summary>All that a container hangs on beside what was done with it and the weather.</summary>
    private string Mark(Core.Treatments.Species species, SetOutNeed need, ContainerSetup setup, double times) =>
        $"{need}{species.Hardiness}{species.Germination}{Parameters(setup)}{Fitted(setup)?.Ends}{times}";

    /// <summary>
    /// Days in the mix of a container, in the place of what is assumed of the yard; null where nothing is known of its inside.
    /// </summary>
    public static IPlaceTemperatures? Inside(
        YardVessel vessel,
        IReadOnlyDictionary<string, Place> places,
        IPlaceTemperatures known,
        DateOnly today
    ) => vessel.Container is { } container ? new Mix(container.Tale.Run, places, known, today) : null;

    private sealed class Mix(ContainerRun run, IReadOnlyDictionary<string, Place> places, IPlaceTemperatures known, DateOnly today)
        : IPlaceTemperatures
    {
        private readonly Dictionary<ColdResponse, IReadOnlyList<TemperatureDay>> _days = [];

        private bool IsYard(string place) => places.TryGetValue(place, out var p) && p.IsOpenAir;

        /// <summary>A thermometer in the yard's air says nothing of a mix.</summary>
        public IReadOnlyList<TemperatureDay> Measured(string place, ColdResponse response) =>
            IsYard(place) ? [] : known.Measured(place, response);

        public IReadOnlyList<TypedReading> Typed(string place) => IsYard(place) ? [] : known.Typed(place);

        public IReadOnlyList<TemperatureDay> Modelled(string place, ColdResponse response)
        {
            if (!IsYard(place))
                return [];
            if (!_days.TryGetValue(response, out var days))
                _days[response] = days = [.. ContainerDays.Of(run, response).Where(d => d.Date < today).Select(d => d.ToTemperatureDay())];
            return days;
        }
    }
}
