using CsCheck;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using MathNet.Numerics.LinearAlgebra;

namespace Gassel.Core.Tests.Yard;

/// <summary>The arithmetic of the container model against closed forms, an independent solver and laws of heat.</summary>
public class ContainerModelTests
{
    private static readonly ContainerParameters Jug = ContainerParameters.Of(ContainerPreset.Jug4);

    public static TheoryData<ContainerPreset> Presets => [.. Enum.GetValues<ContainerPreset>()];

    /// <summary>Coefficients written down again from the equations, W/K and J/K.</summary>
    private sealed record Terms(
        double Between,
        double Side,
        double Base,
        double Lid,
        double MediumHeat,
        double AirHeat,
        double FreezingHeat,
        double SunArea
    )
    {
        public static Terms Of(ContainerParameters p, double airChanges)
        {
            var mediumHeat = 2.9e6 * p.MediumL / 1000;
            return new(
                p.HWm2K * p.AreaM2,
                p.UWallWm2K * p.SideAreaM2,
                p.UBaseWm2K * p.AreaM2,
                ((p.ULidWm2K ?? p.UWallWm2K) * p.WallAreaM2) + (1200 * p.AirL / 1000 * airChanges / 3600),
                mediumHeat,
                (1200 * p.AirL / 1000) + 150,
                mediumHeat + (0.45 * p.MediumL * 334_000 / 0.5),
                p.AreaM2 + (0.35 * (p.WallAreaM2 - p.AreaM2))
            );
        }
    }

    [Theory]
    [MemberData(nameof(Presets))]
    public void In_the_dark_it_decays_by_two_exponentials(ContainerPreset preset)
    {
        var p = ContainerParameters.Of(preset);
        var t = Terms.Of(p, p.AirChangesPerHour.Off);
        var run = new ContainerModel(p).Run(Weathers.Constant(48, 5), _ => Weathers.CapOff, startMediumC: 20, startAirC: 12);
        var a = Matrix<double>.Build.DenseOfArray(
            new[,]
            {
                { -(t.Between + t.Side + t.Base) / t.MediumHeat, t.Between / t.MediumHeat },
                { t.Between / t.AirHeat, -(t.Between + t.Lid) / t.AirHeat },
            }
        );
        var eigen = a.Evd();
        for (var hour = 0; hour < 48; hour++)
        {
            var decay =
                eigen.EigenVectors
                * Matrix<double>.Build.DiagonalOfDiagonalVector((eigen.EigenValues.Real() * 3600 * (hour + 1)).PointwiseExp())
                * eigen.EigenVectors.Inverse();
            var x = decay * Vector<double>.Build.Dense([15, 7]);
            Assert.Equal(5 + x[0], run.MediumC[hour], 9);
            Assert.Equal(5 + x[1], run.AirC[hour], 9);
        }
    }

    [Theory]
    [MemberData(nameof(Presets))]
    public void In_constant_sun_it_comes_to_the_closed_steady_state(ContainerPreset preset)
    {
        var p = ContainerParameters.Of(preset);
        var t = Terms.Of(p, p.AirChangesPerHour.On);
        var run = new ContainerModel(p).Run(Weathers.Constant(24 * 60, 8, solarWm2: 300), _ => new(CapPosition.On));
        var sun = p.Transmittance * 300 * t.SunArea;
        var flows = Matrix<double>.Build.DenseOfArray(
            new[,]
            {
                { t.Between + t.Side + t.Base, -t.Between },
                { -t.Between, t.Between + t.Lid },
            }
        );
        var steady = flows.Solve(
            Vector<double>.Build.Dense([(p.AbsorbedShare * sun) + ((t.Side + t.Base) * 8), ((1 - p.AbsorbedShare) * sun) + (t.Lid * 8)])
        );
        Assert.Equal(steady[0], run.MediumC[^1], 6);
        Assert.Equal(steady[1], run.AirC[^1], 6);
    }

    [Theory]
    [MemberData(nameof(Presets))]
    public void Heat_in_is_heat_stored_and_heat_out(ContainerPreset preset)
    {
        // through frost and thaw, days and nights
        var hours = Weathers.ClearDays(40, -9, 7, 500);
        var heat = new ContainerModel(ContainerParameters.Of(preset), stonesKg: 1).Run(hours, _ => new(CapPosition.DayOffNightOn)).Heat;
        Assert.Equal(heat.SunJ, heat.StoredJ + heat.LostJ, 1e-3 * Math.Max(Math.Abs(heat.SunJ), Math.Abs(heat.StoredJ)));
        if (preset != ContainerPreset.Pot)
            Assert.True(heat.SunJ > 1e5);
    }

    [Fact]
    public void While_its_water_freezes_it_stands_for_latent_heat_by_rate_of_loss()
    {
        var run = new ContainerModel(Jug).Run(Weathers.Constant(24 * 30, -4), _ => Weathers.CapOff, startMediumC: 0, startAirC: -2);
        var plateau = run.MediumC.Count(c => c > -0.5);
        // the air follows at once: what leaves the mix at −0.25 °C on the mean goes through side, base, and the air in a row
        var t = Terms.Of(Jug, 40);
        var loss = (t.Side + t.Base + (t.Between * t.Lid / (t.Between + t.Lid))) * 3.75;
        var expected = (0.45 * 1.4 * ContainerModel.LatentHeat) / loss / 3600;
        Assert.InRange(plateau, expected * 0.97, expected * 1.06);
    }

    [Fact]
    public void An_independent_solver_in_seconds_agrees_to_a_hundredth_of_a_degree()
    {
        var hours = Weathers.ClearDays(6, -6, 9, 450, clearness: 0);
        var run = new ContainerModel(Jug).Run(hours, _ => Weathers.CapOff, startMediumC: 2, startAirC: 2);
        var t = Terms.Of(Jug, 40);
        var ground = hours.Average(h => h.TempC);
        double medium = 2,
            air = 2,
            worst = 0;
        const double step = 0.5;
        for (var i = 0; i < hours.Count; i++)
        {
            for (var s = 0.0; s < 3600; s += step)
            {
                // Runge–Kutta of second order with an apparent heat of freezing
                var (m1, a1) = Slope(medium, air, hours[i]);
                var (m2, a2) = Slope(medium + (step / 2 * m1), air + (step / 2 * a1), hours[i]);
                (medium, air) = (medium + (step * m2), air + (step * a2));
            }
            worst = Math.Max(worst, Math.Max(Math.Abs(medium - run.MediumC[i]), Math.Abs(air - run.AirC[i])));
        }
        Assert.InRange(worst, 0, 0.01);

        (double, double) Slope(double m, double a, ContainerHour hour)
        {
            var sun = Jug.Transmittance * hour.SolarWm2 * t.SunArea;
            var heat = m is < 0 and > -0.5 ? t.FreezingHeat : t.MediumHeat;
            return (
                ((0.6 * sun) + (t.Between * (a - m)) + (t.Side * (hour.TempC - m)) + (t.Base * (ground - m))) / heat,
                ((0.4 * sun) + (t.Between * (m - a)) + (t.Lid * (hour.TempC - a))) / t.AirHeat
            );
        }
    }

    /// <summary>The project's own sanity band for a clear spring day (our calculation, no source).</summary>
    [Fact]
    public void A_clear_day_in_a_jug_lies_in_the_band()
    {
        double Peak(CapPosition cap) =>
            new ContainerModel(Jug).Run(Weathers.ClearDays(5, 2, 14, 650), _ => new(cap)).AirC.TakeLast(24).Max();
        Assert.InRange(Peak(CapPosition.On), 24, 30);
        Assert.InRange(Peak(CapPosition.Open) - 14, 0, 7);
        Assert.InRange(Peak(CapPosition.On) - Peak(CapPosition.Off), 0.3, 2);
    }

    [Fact]
    public void A_kilo_and_a_half_of_stone_lifts_the_night_by_half_to_one_degree()
    {
        double Night(double stonesKg) =>
            new ContainerModel(Jug, stonesKg).Run(Weathers.ClearDays(8, 2, 14, 650), _ => new(CapPosition.On)).MediumC.TakeLast(24).Min();
        Assert.InRange(Night(1.5) - Night(0), 0.4, 1.0);
    }

    [Fact]
    public void In_constant_sun_capped_is_at_least_as_warm_as_off_and_off_as_open() =>
        Gen.Select(Gen.Double[-5, 20], Gen.Double[0, 900], Gen.Enum<ContainerPreset>())
            .Sample(
                (tempC, sun, preset) =>
                {
                    (double Air, double Medium) Steady(CapPosition cap)
                    {
                        var run = new ContainerModel(ContainerParameters.Of(preset)).Run(Weathers.Constant(24 * 40, tempC, sun), _ =>
                            new(cap)
                        );
                        return (run.AirC[^1], run.MediumC[^1]);
                    }
                    var (on, off, open) = (Steady(CapPosition.On), Steady(CapPosition.Off), Steady(CapPosition.Open));
                    Assert.True(on.Air >= off.Air - 1e-6 && off.Air >= open.Air - 1e-6);
                    Assert.True(on.Medium >= off.Medium - 1e-6 && off.Medium >= open.Medium - 1e-6);
                },
                iter: 40
            );

    [Fact]
    public void Without_freezing_stones_never_widen_the_swing_of_an_even_day() =>
        Gen.Select(Gen.Double[3, 15], Gen.Double[0, 18], Gen.Double[0, 800], Gen.Double[0.1, 5])
            .Sample(
                (min, range, sun, stones) =>
                {
                    double Swing(double kg)
                    {
                        // no frost inside: at least 3 °C outdoors and no night sky
                        var last = new ContainerModel(Jug, kg)
                            .Run(Weathers.ClearDays(40, min, min + range, sun, clearness: 0), _ => new(CapPosition.On))
                            .MediumC.TakeLast(24)
                            .ToList();
                        return last.Max() - last.Min();
                    }
                    Assert.True(Swing(stones) <= Swing(0) + 1e-6);
                },
                iter: 40
            );

    [Fact]
    public void Under_a_foot_of_snow_the_mix_lies_still()
    {
        double Swing(double snowCm)
        {
            var last = new ContainerModel(Jug)
                .Run([.. Weathers.ClearDays(30, -18, -2, 400).Select(h => h with { SnowCm = snowCm })], _ => Weathers.CapOff)
                .MediumC.TakeLast(24)
                .ToList();
            return last.Max() - last.Min();
        }
        Assert.True(Swing(30) < Swing(0) / 2);
        Assert.Equal(Swing(10), Swing(0), 9);
    }

    [Fact]
    public void Eaves_keep_off_the_night_sky_and_a_room_keeps_off_the_frost()
    {
        double Coldest(ContainerSetting setting) =>
            new ContainerModel(Jug).Run(Weathers.ClearDays(10, -6, 4, 400), _ => setting).AirC.TakeLast(24).Min();
        Assert.InRange(Coldest(new(CapPosition.Off, Exposure.Eaves)) - Coldest(new(CapPosition.Off)), 1.5, 2.6);
        Assert.InRange(Coldest(new(CapPosition.Off, Shelter: Shelter.CarriedIn)), 5, 7);
        Assert.True(Coldest(new(CapPosition.Off, Shelter: Shelter.Covered)) > Coldest(new(CapPosition.Off)) + 1);
    }
}
