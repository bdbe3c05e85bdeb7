using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;

namespace Gassel.Core.Tests;

/// <summary>Weather made for one test.</summary>
internal static class Weathers
{
    public static readonly DateTimeOffset Start = new(2027, 3, 1, 0, 0, 0, TimeSpan.Zero);

    public static readonly ContainerSetting CapOff = new(CapPosition.Off);

    /// <summary>The same hour over and over; no clear night sky.</summary>
    public static IReadOnlyList<ContainerHour> Constant(int hours, double tempC, double solarWm2 = 0, double snowCm = 0) =>
        [.. Enumerable.Range(0, hours).Select(h => new ContainerHour(Start.AddHours(h), tempC, solarWm2, snowCm, 0, true))];

    /// <summary>A clear day over and over: coldest before dawn, warmest in the afternoon, sun by its height.</summary>
    public static IReadOnlyList<ContainerHour> ClearDays(int days, double minC, double maxC, double peakWm2, double clearness = 1) =>
        [
            .. Enumerable
                .Range(0, days * 24)
                .Select(i =>
                {
                    var hour = (i % 24) + 0.5;
                    var sun = Math.Max(0, Math.Sin(Math.PI * (hour - 6) / 12));
                    return new ContainerHour(
                        Start.AddHours(i),
                        ((minC + maxC) / 2) + ((maxC - minC) / 2 * Math.Cos(Math.PI / 12 * (hour - 15))),
                        peakWm2 * sun,
                        0,
                        clearness,
                        sun > 0
                    );
                }),
        ];

    /// <summary>Thirty-one invented years.</summary>
    public static IReadOnlyList<DailyTemperature> Record { get; } =
    [
        .. WeatherGenerator
            .Days(ClimateNormals.SkarveBench, new(1996, 7, 1), new(2027, 7, 31), 7)
            .Select(d => new DailyTemperature(d.Date, d.MinC, d.MaxC)),
    ];
}
