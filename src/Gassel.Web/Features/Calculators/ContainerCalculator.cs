using Gassel.Core;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

internal static class ContainerCalculator
{
    /// <summary>Over twenty years: more take longer than anybody waits.</summary>
    private const int MaxHours = 200_000;

    /// <summary>A fit runs through the hours again and again; four years are more than it can use.</summary>
    private const int MaxFitted = 35_000;

    public static ContainerStart Start() =>
        new([.. Enum.GetValues<ContainerPreset>().Select(p => new ContainerStartKind(p, p.Words(), ContainerParameters.Of(p)))]);

    public static IResult Answer(ContainerRequest request, CancellationToken cancel)
    {
        var (parameters, wrong) = ParametersOf(request.Preset, request.Parameters);
        var (response, unordered) = ChillingCalculator.ResponseOf(request.Response);
        var refusal = wrong
            ?? unordered
            ?? Limits.Number("site.latitude", request.Site.Latitude, -90, 90)
            ?? Limits.Number("site.longitude", request.Site.Longitude ?? 0, -180, 180)
            ?? Limits.Number("stonesKg", request.StonesKg ?? 0, 0, 200)
            ?? (request.SeedlingsKillC is { } kill ? Limits.Number("seedlingsKillC", kill, -60, 20) : null)
            ?? Limits.Number("initialMediumC", request.InitialMediumC ?? 0, -60, 80)
            ?? Limits.Number("initialAirC", request.InitialAirC ?? 0, -60, 80)
            ?? (
                request.Calibrate is { } fitting
                    ? DailyCheck.Readings(fitting.Readings, "calibrate.readings", ContainerCalibration.LeastReadings)
                    : null
            );
        if (refusal is not null)
            return refusal.ToResult();
        var (hours, working, unfit) = HoursOf(request);
        if (hours is null)
            return unfit!.ToResult();
        var (given, most) = (request.Hourly is null ? "daily" : "hourly", request.Calibrate is null ? MaxHours : MaxFitted);
        if (hours.Count > most)
            return new Refusal(
                given,
                Text.Of(
                    $"{given} covers {hours.Count} hours; valid "
                        + $"{(request.Calibrate is null ? "is" : "with calibrate is")} at most {most}, {most / 24} days."
                )
            ).ToResult();

        var setting = new ContainerSetting(
            request.Care?.Cap ?? CapPosition.Off,
            request.Site.Exposure ?? Exposure.Open,
            request.Care?.Shelter ?? Shelter.None
        );
        ContainerCalibration? fit = null;
        if (request.Calibrate is { } calibrate)
        {
            fit = ContainerCalibration.Fit(
                parameters!,
                request.StonesKg ?? 0,
                hours,
                _ => setting,
                [.. calibrate.Readings.Select(r => new TemperatureReading(r.At.ToUnixTimeMilliseconds(), r.TempC))],
                calibrate.Spot ?? ProbeSpot.Medium,
                cancel
            );
            if (fit is null)
                return new Refusal(
                    "calibrate.readings",
                    $"Too few of the readings fall into the hours given: at least {ContainerCalibration.LeastReadings} "
                        + $"after the first half day are needed."
                ).ToResult();
            parameters = parameters! with { UWallWm2K = fit.UWallWm2K, Transmittance = fit.Transmittance };
        }
        var run = new ContainerModel(parameters!, request.StonesKg ?? 0).Run(
            hours,
            _ => setting,
            request.InitialMediumC,
            request.InitialAirC
        );
        return TypedResults.Ok(
            new ContainerAnswer(
                [
                    .. Enumerable
                        .Range(0, hours.Count)
                        .Select(i => new InsideHourView(hours[i].At, hours[i].TempC, run.AirC[i], run.MediumC[i])),
                ],
                [
                    .. ContainerDays
                        .Of(run, response)
                        .Select(d => new InsideDayView(
                            d.Date,
                            d.AirMaxC,
                            d.AirMinC,
                            d.MediumMaxC,
                            d.MediumMinC,
                            d.FrozenHours,
                            d.Effective
                        )),
                ],
                ContainerWarnings.Of(run, request.SeedlingsKillC, setting.Cap),
                run.Heat,
                parameters!,
                fit,
                [.. Working(parameters!, setting, fit, ClockWords(request)), .. working]
            )
        );
    }

    /// <summary>Exactly one of the two; a jug of four litres where set-out gives neither.</summary>
    public static (ContainerParameters? Parameters, Refusal? Refusal) ParametersOf(ContainerPreset? preset, ContainerParametersInput? given)
    {
        if (preset is not null && given is not null)
            return (null, new("parameters", "Both preset and parameters are there; valid is one of them."));
        if (preset is { } kind)
            return (ContainerParameters.Of(kind), null);
        if (given is not { } p)
            return (
                null,
                new(
                    "preset",
                    $"Neither preset nor parameters is there; valid presets are "
                        + $"{string.Join(", ", Enum.GetNames<ContainerPreset>()
                            .Select(System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName))}."
                )
            );
        var refusal = Limits.Open("parameters.areaM2", p.AreaM2, 0, 100)
            ?? Limits.Number("parameters.sideAreaM2", p.SideAreaM2, 0, 100)
            ?? Limits.Open("parameters.wallAreaM2", p.WallAreaM2, 0, 100)
            ?? Limits.Open("parameters.mediumL", p.MediumL, 0, 10_000)
            ?? Limits.Open("parameters.airL", p.AirL, 0, 10_000)
            ?? Limits.Number("parameters.transmittance", p.Transmittance, 0, 1)
            ?? Limits.Number("parameters.absorbedShare", p.AbsorbedShare, 0, 1)
            ?? Limits.Open("parameters.hWm2K", p.HWm2K, 0, 1000)
            ?? Limits.Open("parameters.uWallWm2K", p.UWallWm2K, 0, 1000)
            ?? Limits.Number("parameters.uBaseWm2K", p.UBaseWm2K, 0, 1000)
            ?? (p.ULidWm2K is { } lid ? Limits.Open("parameters.uLidWm2K", lid, 0, 1000) : null)
            ?? Limits.Number("parameters.airChangesPerHour.on", p.AirChangesPerHour.On, 0, 100_000)
            ?? Limits.Number("parameters.airChangesPerHour.off", p.AirChangesPerHour.Off, 0, 100_000)
            ?? Limits.Number("parameters.airChangesPerHour.open", p.AirChangesPerHour.Open, 0, 100_000);
        return refusal is not null
            ? (null, refusal)
            : (
                new(
                    p.AreaM2,
                    p.SideAreaM2,
                    p.WallAreaM2,
                    p.MediumL,
                    p.AirL,
                    p.Transmittance,
                    p.AbsorbedShare,
                    p.HWm2K,
                    p.UWallWm2K,
                    p.UBaseWm2K,
                    new(p.AirChangesPerHour.On, p.AirChangesPerHour.Off, p.AirChangesPerHour.Open),
                    p.ULidWm2K
                ),
                null
            );
    }

    private static (IReadOnlyList<ContainerHour>? Hours, IReadOnlyList<string> Working, Refusal? Refusal) HoursOf(ContainerRequest request)
    {
        switch (request)
        {
            case { Hourly: null, Daily: null }:
                return (null, [], new("daily", "Neither daily nor hourly is there; valid is one of them."));
            case { Hourly: not null, Daily: not null }:
                return (null, [], new("hourly", "Both daily and hourly are there; valid is one of them."));
            case { Hourly: { } hourly }:
                return CheckHours(hourly) is { } wrong
                    ? (null, [], wrong)
                    : (
                        ContainerHours.FromHours([.. hourly.Select(h => (h.At, h.TempC, h.SolarWm2, h.SnowCm))], request.Site.Latitude),
                        [],
                        null
                    );
        }
        var daily = request.Daily!;
        if (DailyCheck.Weather(daily) is { } refusal)
            return (null, [], refusal);
        var filled = WeatherFilling.Of(daily.Select(d => new DailyTemperature(d.Date, d.MinC, d.MaxC, d.SnowCm)));
        if (filled.Broken is { } gap)
        {
            return (
                null,
                [],
                new(
                    "daily",
                    $"From {gap.From:yyyy-MM-dd} to {gap.To:yyyy-MM-dd} there is no reading; at most "
                        + $"{WeatherFilling.MostDays} days in a row may be missing, so the inside is not calculated."
                )
            );
        }
        if (filled.Days.Count == 0)
            return (null, [], new("daily", "No day of daily has both minC and maxC."));
        return (ContainerHours.FromDays(filled.Days, request.Site.Latitude, TimeSpan.Zero), filled.Working, null);
    }

    private static Refusal? CheckHours(IReadOnlyList<HourInput> hourly)
    {
        if (Limits.Count("hourly", hourly.Count, 1, MaxHours) is { } wrong)
            return wrong;
        for (var i = 0; i < hourly.Count; i++)
        {
            var (hour, at) = (hourly[i], $"hourly[{i}]");
            var refusal = Limits.Day($"{at}.at", DateOnly.FromDateTime(hour.At.DateTime))
                ?? Limits.Number($"{at}.tempC", hour.TempC, DailyCheck.ColdestC, DailyCheck.HottestC)
                ?? Limits.Number($"{at}.solarWm2", hour.SolarWm2 ?? 0, 0, 1500)
                ?? Limits.Number($"{at}.snowCm", hour.SnowCm ?? 0, 0, 2000)
                ?? (
                    i > 0 && hour.At - hourly[i - 1].At != TimeSpan.FromHours(1)
                        ? new(
                            $"{at}.at",
                            $"{at}.at was {hour.At:O}; valid is the hour after the one before, {hourly[i - 1].At.AddHours(1):O}."
                        )
                        : null
                );
            if (refusal is not null)
                return refusal;
        }
        return null;
    }

    /// <summary>Sun by the clock: how far the clock is from the sun, where that can be told.</summary>
    private static string ClockWords(ContainerRequest request)
    {
        const string Taken = "Clock time is taken as solar time: noon by the clock is when the sun is highest.";
        if (request.Site.Longitude is not { } longitude)
            return Taken + " How far that is off is not known without a longitude.";
        var offset = request.Hourly is [var first, ..] ? first.At.Offset : TimeSpan.Zero;
        var minutes = (int)Math.Round((longitude * 4) - offset.TotalMinutes);
        return Text.Of(
            $"{Taken} At {longitude:0.##}° and a clock {offset.TotalHours:+0.##;−0.##;0} h from UTC the sun is "
                + $"{Math.Abs(minutes)} minutes {(minutes < 0 ? "later" : "earlier")} than that, the equation of time apart."
        );
    }

    private static List<string> Working(ContainerParameters p, ContainerSetting setting, ContainerCalibration? fit, string clock)
    {
        return
        [
            fit is null
                ? "Uncalibrated model: two stores of heat, mix and air; every parameter is our assumption."
                : "Fitted to the readings given; see calibration.",
            Text.Of(
                $"Mix {Quantity.Volume(p.MediumL)} under {Quantity.Area(p.AreaM2)}, air {Quantity.Volume(p.AirL)} within "
                    + $"{Quantity.Area(p.WallAreaM2)} of wall and lid; sun let in {p.Transmittance:0.##}, taken up by the mix "
                    + $"{p.AbsorbedShare:0.##}."
            ),
            Text.Of(
                $"W/(m²·K): mix to air {p.HWm2K:0.#}, wall "
                    + $"{p.UWallWm2K:0.##}{(p.ULidWm2K is { } lid ? Text.Of($" (around the air {lid:0.##})") : "")}, base "
                    + $"{p.UBaseWm2K:0.#}. Air changes an hour: {p.AirChangesPerHour.On:0.#} on, "
                    + $"{p.AirChangesPerHour.Off:0.#} off, {p.AirChangesPerHour.Open:0.#} open."
            ),
            Text.Of(
                $"At night up to {Quantity.Difference(setting.NightSkyK)} below the air under a clear sky; sun "
                    + $"{setting.SunShare:0.##} of open ground. Under more than {RuleOfThumb.DeepSnow} of snow it is buried: "
                    + $"no sun, air as "
                    + $"capped, around it the snow, whose difference from the ground fades by e for each "
                    + $"{RuleOfThumb.SnowFades}; the ground "
                    + $"below is not under {RuleOfThumb.GroundUnderSnow} (our assumption). Water in the mix freezes "
                    + $"{RuleOfThumb.WaterFreezes}."
            ),
            "Each hour solved exactly for inputs that stay the same through it.",
            clock,
        ];
    }
}
