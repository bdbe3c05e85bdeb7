using System.Diagnostics;
using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Bench;

/// <summary>
/// The container model: one container through a winter, a yard of two hundred with the day's weather, set-out over thirty winters, and what
/// it keeps.
/// </summary>
internal static class YardBench
{
    private const int Containers = 200;
    private const double Latitude = 46.8;
    private static readonly DateOnly Out = new(2026, 11, 1);

    public static void Run()
    {
        var weather = WeatherGenerator.Days(ClimateNormals.SkarveBench, new(1996, 7, 1), new(2027, 8, 31), 11).ToList();
        Winter(weather);
        Yard(weather);
        SetOutOver(weather);
    }

    private static void Winter(List<WeatherDay> weather)
    {
        var hours = ContainerHours.FromDays(
            [
                .. weather
                    .Where(d => d.Date >= Out && d.Date <= new DateOnly(2027, 4, 30))
                    .Select(d => new WholeDay(d.Date, d.MinC, d.MaxC, d.SnowCm)),
            ],
            Latitude,
            TimeSpan.Zero
        );
        var model = new ContainerModel(ContainerParameters.Of(ContainerPreset.Jug4));
        var setting = new ContainerSetting(CapPosition.DayOffNightOn);
        model.Run(hours, _ => setting);
        var before = GC.GetTotalMemory(true);
        var clock = Stopwatch.GetTimestamp();
        const int times = 2000;
        double sum = 0;
        for (var i = 0; i < times; i++)
            sum += model.Run(hours, _ => setting).MediumC[^1];
        var seconds = Stopwatch.GetElapsedTime(clock).TotalSeconds;
        if (!double.IsFinite(sum))
            throw new InvalidOperationException("no result");
        Console.WriteLine(
            $"one container through a winter of {hours.Count:N0} hours: {times / seconds:N0} a second on one "
                + $"processor; memory kept {(GC.GetTotalMemory(true) - before) / 1e6:0.0} MB more after {times:N0} runs"
        );
    }

    /// <summary>Every container lived differently, so that no run serves two.</summary>
    private static void Yard(List<WeatherDay> weather)
    {
        var days = weather
            .Where(d => d.Date >= Out)
            .Select(d => new YardDay(
                d.Date,
                d.MinC,
                d.MaxC,
                d.SnowCm,
                d.Wet,
                30,
                d.Date < new DateOnly(2027, 3, 14) ? YardDaySource.Recorded
                    : d.Date < new DateOnly(2027, 3, 22) ? YardDaySource.Outlook
                    : YardDaySource.Typical
            ))
            .Take(290)
            .ToList();
        var kinds = (
            from species in StarterLibrary.All
            let route = species.Routes.FirstOrDefault(r => r.Setting == RouteSetting.WinterContainer)
            where route is not null
            let need = SpeciesOutdoors.NeedOf(species, route)
            where need is not null
            select (Species: species, Need: need)
        ).ToList();
        var times = new List<double>();
        var asked = 0;
        for (var round = 0; round <= 5; round++)
        {
            var clock = Stopwatch.GetTimestamp();
            var hours = ContainerHours.FromDays([.. days.Select(d => d.ToWholeDay())], Latitude, TimeSpan.Zero);
            var warnings = new int[Containers];
            Parallel.For(0, Containers, i =>
            {
                var (species, need) = kinds[i % kinds.Count];
                var setup = new ContainerSetup((ContainerPreset)(i % 4), (CareStyle)(i % 3), StonesKg: i / 100.0);
                var part = new PartState(
                    "1",
                    null,
                    30,
                    0,
                    [new(0, Out, null)],
                    "yard",
                    new(VesselKind.Container, $"jug {i}"),
                    [],
                    i % 2 == 0 ? [new(default, new(2027, 3, 10), 5, 0, LossCause.Unknown)] : [],
                    Out,
                    false
                );
                var life = new ContainerLife(setup, [new(Out, (Exposure)(i % 4))], [], TimeSpan.Zero);
                var run = new ContainerModel(setup.Parameters, setup.StonesKg).Run(hours, h => life.At(h.At));
                warnings[i] = YardWatch
                    .Of(
                        new(part, setup, life, ContainerTale.Of(run, days, need, false), species),
                        days,
                        new(2027, 3, 14, 9, 0, 0, TimeSpan.Zero)
                    )
                    .Count;
            });
            if (round > 0)
                times.Add(Stopwatch.GetElapsedTime(clock).TotalSeconds);
            asked = warnings.Sum();
        }
        Console.WriteLine(
            $"a yard of {Containers} containers, season so far and ahead with warnings ({asked} of them): "
                + $"{1000 * Middle.Of(times):0} ms on {Environment.ProcessorCount} processors (aim 1000)"
        );
    }

    private static void SetOutOver(List<WeatherDay> weather)
    {
        var daily = weather.Select(d => new DailyTemperature(d.Date, d.MinC, d.MaxC, d.SnowCm)).ToList();
        var dates = Enumerable.Range(0, 20).Select(i => Out.AddDays(7 * i)).ToList();
        var need = new SetOutNeed(
            60,
            ColdResponse.Usual,
            ThermalRate.General,
            30,
            ThermalTime.OfPacket(10, 30, 15, ThermalRate.General),
            false,
            -4
        );
        var times = new List<double>();
        var winters = 0;
        for (var round = 0; round <= 5; round++)
        {
            var clock = Stopwatch.GetTimestamp();
            var runs = new WinterRuns(daily, Latitude, ContainerParameters.Of(ContainerPreset.Jug4), new(CapPosition.Off), Out);
            winters = runs.For(need, dates).Winters;
            if (round > 0)
                times.Add(Stopwatch.GetElapsedTime(clock).TotalSeconds);
        }
        Console.WriteLine($"set-out over {winters} winters and {dates.Count} days: {1000 * Middle.Of(times):0} ms (aim 2000)");
    }
}
