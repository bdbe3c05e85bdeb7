using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Core.Tests.Yard;

/// <summary>What is told of the inside of a container: hours, days, dangers and the fit to a thermometer.</summary>
public class InsideTests
{
    private static readonly ContainerParameters Jug = ContainerParameters.Of(ContainerPreset.Jug4);

    [Fact]
    public void Hours_made_from_days_keep_minimum_maximum_and_the_sun_of_the_day()
    {
        WholeDay[] days = [new(new(2027, 3, 12), -4, 8), new(new(2027, 3, 13), -2, 11), new(new(2027, 3, 14), 1, 9)];
        var hours = ContainerHours.FromDays(days, 46.8, TimeSpan.Zero);
        Assert.Equal(72, hours.Count);
        var middle = hours.Where(h => h.Date == days[1].Date).ToList();
        // an hour's value is that of its middle, so it misses the very ends by little
        Assert.Equal(-2, middle.Min(h => h.TempC), 0.2);
        Assert.Equal(11, middle.Max(h => h.TempC), 0.2);
        var top = Sun.TopOfAirMJ(46.8, days[1].Date);
        Assert.Equal(Sun.FromRangeMJ(13, top), middle.Sum(h => h.SolarWm2) * 3600 / 1e6, 9);
        Assert.All(hours.Zip(hours.Skip(1)), p => Assert.True(Math.Abs(p.First.TempC - p.Second.TempC) < 3));
    }

    [Fact]
    public void Measured_hours_without_sun_take_it_from_the_range_of_their_day()
    {
        var at = Weathers.Start;
        var measured = Enumerable
            .Range(0, 24)
            .Select(h => (at.AddHours(h), 4 + (5 * Math.Cos(Math.PI / 12 * (h - 15))), (double?)null, (double?)null))
            .ToList();
        var hours = ContainerHours.FromHours(measured, 46.8);
        Assert.Equal(Sun.FromRangeMJ(10, Sun.TopOfAirMJ(46.8, new(2027, 3, 1))), hours.Sum(h => h.SolarWm2) * 3600 / 1e6, 9);
        Assert.Equal(0, hours[2].SolarWm2);
        Assert.False(hours[2].SunUp);
    }

    [Fact]
    public void A_measured_dull_day_has_no_clear_night()
    {
        var hours = ContainerHours.FromHours(
            [.. Enumerable.Range(0, 24).Select(h => (Weathers.Start.AddHours(h), 3.0, (double?)0, (double?)null))],
            46.8
        );
        Assert.All(hours, h => Assert.Equal(0, h.Clearness));
    }

    [Fact]
    public void A_constant_jug_gains_a_day_of_cold_a_day()
    {
        var run = new ContainerModel(Jug).Run(Weathers.Constant(240, 3), _ => Weathers.CapOff);
        var days = ContainerDays.Of(run, ColdResponse.Usual);
        Assert.Equal(10, days.Count);
        Assert.All(days, d => Assert.Equal((1.0, 0.0, 24.0), (Math.Round(d.Effective, 9), d.FrozenHours, d.ChillHours)));
        Assert.Equal(3, days[5].ToTemperatureDay().MeanC, 9);
    }

    [Fact]
    public void Frozen_through_it_gains_nothing()
    {
        var run = new ContainerModel(Jug).Run(Weathers.Constant(240, -6), _ => Weathers.CapOff, startMediumC: -6);
        Assert.All(ContainerDays.Of(run, ColdResponse.Usual), d => Assert.Equal((0.0, 24.0), (d.Effective, d.FrozenHours)));
    }

    [Fact]
    public void Warmth_of_a_run_is_that_of_its_mix()
    {
        var run = new ContainerModel(Jug).Run(Weathers.Constant(48, 10), _ => Weathers.CapOff);
        Assert.All(ContainerDays.Warmth(run, ThermalRate.Cool), d => Assert.Equal(10, d.Degrees, 9));
    }

    [Theory]
    [InlineData(24, null)]
    [InlineData(26, InsideDanger.CoolKindsStop)]
    [InlineData(31, InsideDanger.OpenNow)]
    [InlineData(41, InsideDanger.Damage)]
    [InlineData(46, InsideDanger.Lethal)]
    public void Heat_is_named_by_what_it_does(double tempC, InsideDanger? danger)
    {
        var run = new ContainerModel(Jug).Run(Weathers.Constant(12, tempC), _ => Weathers.CapOff);
        Assert.Equal(danger, ContainerWarnings.Of(run, killC: -4).SingleOrDefault()?.Danger);
    }

    [Fact]
    public void A_cold_night_is_a_danger_only_where_seedlings_are_up()
    {
        var run = new ContainerModel(Jug).Run(Weathers.ClearDays(4, -9, 5, 400), _ => Weathers.CapOff);
        Assert.Empty(ContainerWarnings.Of(run, killC: null));
        var nights = ContainerWarnings.Of(run, killC: -4);
        Assert.All(nights, n => Assert.Equal(InsideDanger.SeedlingsFreeze, n.Danger));
        Assert.InRange(nights.Count, 4, 5);
        Assert.All(nights, n => Assert.True(n.WorstC <= -4 && n.To > n.From));
    }

    [Fact]
    public void A_thermometer_in_a_jug_gives_back_the_wall_and_the_sun_that_made_its_readings()
    {
        var hours = Weathers.ClearDays(6, 1, 13, 600);
        var real = Jug with { UWallWm2K = 8.5, Transmittance = 0.36 };
        var random = new Random(3);
        var truth = new ContainerModel(real).Run(hours, _ => Weathers.CapOff);
        var readings = hours
            .Select(
                (h, i) =>
                    new TemperatureReading(
                        h.At.AddHours(1).ToUnixTimeMilliseconds(),
                        truth.MediumC[i] + ((random.NextDouble() - 0.5) * 0.2)
                    )
            )
            .ToList();
        var fit = ContainerCalibration.Fit(Jug, 0, hours, _ => Weathers.CapOff, readings, ProbeSpot.Medium)!;
        Assert.Equal(8.5, fit.UWallWm2K, 1.0);
        Assert.Equal(0.36, fit.Transmittance, 0.03);
        Assert.True(fit.RmsK < 0.08 && fit.RmsBeforeK > 3 * fit.RmsK);
        Assert.All(fit.Residuals, r => Assert.Equal(r.ObservedC - r.ModelledC, r.ResidualK));
    }

    [Fact]
    public void Too_few_readings_fit_nothing() =>
        Assert.Null(
            ContainerCalibration.Fit(
                Jug,
                0,
                Weathers.ClearDays(6, 1, 13, 600),
                _ => Weathers.CapOff,
                [
                    .. Enumerable
                        .Range(0, 40)
                        .Select(i => new TemperatureReading(Weathers.Start.AddHours(i + 14).ToUnixTimeMilliseconds(), 5)),
                ],
                ProbeSpot.Medium
            )
        );

    [Fact]
    public void A_vessel_of_ones_own_has_the_volume_it_was_given()
    {
        var p = ContainerParameters.OfVessel(4, 24, 8, 0.5);
        Assert.Equal(4, p.MediumL + p.AirL, 9);
        Assert.Equal(4.0 / 3, p.MediumL, 9);
        // near the jug of the same size
        Assert.InRange(p.SideAreaM2 / Jug.SideAreaM2, 0.8, 1.2);
    }
}
