using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;
using MathNet.Numerics.Distributions;

namespace Gassel.Core.Tests.Yard;

/// <summary>How far the inside may be off, beside containers whose numbers were drawn at random from the plausible range.</summary>
public class ContainerBandTests
{
    private static readonly ContainerParameters Jug = ContainerParameters.Of(ContainerPreset.Jug4);

    /// <summary>A range of nine in ten ends so many standard deviations out.</summary>
    private static readonly double NineInTen = Normal.InvCDF(0, 1, 0.95);

    internal static readonly (string Name, IReadOnlyList<ContainerHour> Hours, ContainerSetting Setting)[] Weather =
    [
        ("clear days of 1 to 13 °C, cap off", Weathers.ClearDays(12, 1, 13, 600), Weathers.CapOff),
        ("clear days of −9 to −1 °C, cap off", Weathers.ClearDays(12, -9, -1, 450), Weathers.CapOff),
        ("clear days of 4 to 20 °C, cap on", Weathers.ClearDays(12, 4, 20, 700), new(CapPosition.On)),
    ];

    internal static ContainerParameters Drawn(Random random)
    {
        double Times(double most) => Math.Exp(Math.Log(most) / NineInTen * Normal.Sample(random, 0, 1));
        double Share(double share) =>
            1 / (1 + (1 - share) / share * Math.Exp(-ContainerDoubts.SunLogit / NineInTen * Normal.Sample(random, 0, 1)));
        var changes = Times(ContainerDoubts.AirChangesTimes);
        return Jug with
        {
            UWallWm2K = Jug.UWallWm2K * Times(ContainerDoubts.WallTimes),
            HWm2K = Jug.HWm2K * Times(ContainerDoubts.BetweenTimes),
            UBaseWm2K = Jug.UBaseWm2K * Times(ContainerDoubts.BaseTimes),
            Transmittance = Share(Jug.Transmittance),
            AbsorbedShare = Share(Jug.AbsorbedShare),
            AirChangesPerHour = new(
                Jug.AirChangesPerHour.On * changes,
                Jug.AirChangesPerHour.Off * changes,
                Jug.AirChangesPerHour.Open * changes
            ),
        };
    }

    /// <returns>Shares of the hours of containers drawn whose air and whose mix lie within the band, and its widest hour, K.</returns>
    internal static (double Air, double Mix, double WidestK) Try(
        IReadOnlyList<ContainerHour> hours,
        ContainerSetting setting,
        int containers,
        int seed
    )
    {
        var random = new Random(seed);
        ContainerRun Run(ContainerParameters p) => new ContainerModel(p).Run(hours, _ => setting);
        var run = Run(Jug);
        var from = hours.Count - 72;
        var band = ContainerBand.Of(run, from, hours.Count, _ => setting, Jug, 0, ContainerDoubts.Of(Jug, null));
        var (air, mix, all) = (0, 0, 0);
        for (var c = 0; c < containers; c++)
        {
            var other = Run(Drawn(random));
            for (var i = from; i < hours.Count; i++)
            {
                air += Within(band.AirAt(i)!.Value, other.AirC[i]) ? 1 : 0;
                mix += Within(band.MediumAt(i)!.Value, other.MediumC[i]) ? 1 : 0;
                all++;
            }
        }
        return ((double)air / all, (double)mix / all, band.Air.Max(b => b.HighC - b.LowC));

        static bool Within(TemperatureBand band, double c) => c >= band.LowC - 0.05 && c <= band.HighC + 0.05;
    }

    [Fact]
    public void Nine_in_ten_containers_lie_within_the_band()
    {
        foreach (var (name, hours, setting) in Weather)
        {
            var (air, mix, widest) = Try(hours, setting, 150, seed: 5);
            Assert.True(air is > 0.8 and < 0.99, $"{name}: air {air:P1}, mix {mix:P1}, widest {widest:0.0} K");
            Assert.True(mix is > 0.8 and < 0.995, $"{name}: air {air:P1}, mix {mix:P1}, widest {widest:0.0} K");
        }
    }

    [Fact]
    public void Without_sun_and_with_ground_and_air_alike_there_is_nothing_to_doubt()
    {
        var hours = Weathers.Constant(240, 5);
        var run = new ContainerModel(Jug).Run(hours, _ => Weathers.CapOff);
        var band = ContainerBand.Of(run, 200, 240, _ => Weathers.CapOff, Jug, 0, ContainerDoubts.Of(Jug, null));
        Assert.All(band.Air.Concat(band.Medium), b => Assert.Equal(0, b.HighC - b.LowC, 1e-6));
        Assert.Equal(
            (true, true, false, false),
            (band.AirAt(200).HasValue, band.MediumAt(239).HasValue, band.AirAt(199).HasValue, band.AirAt(240).HasValue)
        );
    }

    /// <summary>With a little more sun the ice is gone and the mix warms; with less it is still there, at nought.</summary>
    [Fact]
    public void While_ice_thaws_the_upper_end_is_far_and_the_lower_one_near()
    {
        var hours = Weathers.ClearDays(12, -9, -1, 450);
        var run = new ContainerModel(Jug).Run(hours, _ => Weathers.CapOff);
        var band = ContainerBand.Of(run, 200, 288, _ => Weathers.CapOff, Jug, 0, ContainerDoubts.Of(Jug, null));
        var thawing = Enumerable.Range(200, 88).Where(i => run.MediumC[i] is > -0.5 and <= 0).ToList();
        Assert.NotEmpty(thawing);
        Assert.Contains(thawing, i => band.MediumAt(i)!.Value.HighC - run.MediumC[i] > 3 * (run.MediumC[i] - band.MediumAt(i)!.Value.LowC));
    }

    [Fact]
    public void A_fitted_wall_and_sun_make_it_narrower()
    {
        var (_, hours, setting) = Weather[0];
        var run = new ContainerModel(Jug).Run(hours, _ => setting);
        double Widest(FittedWall? fitted) =>
            ContainerBand.Of(run, 200, 288, _ => setting, Jug, 0, ContainerDoubts.Of(Jug, fitted)).Air.Max(b => b.HighC - b.LowC);
        Assert.True(Widest(new(4.8, 5.2, 0.48, 0.52)) < 0.8 * Widest(null), $"{Widest(new(4.8, 5.2, 0.48, 0.52))} of {Widest(null)} K");
    }

    /// <summary>Readings of a container drawn at random, with errors of which neighbouring hours are alike.</summary>
    internal static (double Wall, double Sun, int Fits) Fitted(int containers, int seed)
    {
        var random = new Random(seed);
        var (wall, sun, fits) = (0, 0, 0);
        for (var c = 0; c < containers; c++)
        {
            var real = Jug with { UWallWm2K = Drawn(random).UWallWm2K, Transmittance = Drawn(random).Transmittance };
            var hours = Weathers.ClearDays(7, random.Next(-2, 5), random.Next(9, 17), 350 + random.Next(300));
            var truth = new ContainerModel(real).Run(hours, _ => Weathers.CapOff);
            var error = 0.0;
            var readings = hours
                .Select((h, i) => (At: h.At.AddHours(1).ToUnixTimeMilliseconds(), TempC: truth.MediumC[i] + Next()))
                .Select(r => new TemperatureReading(r.At, r.TempC))
                .ToList();
            double Next() => error = 0.8 * error + 0.25 * Normal.Sample(random, 0, 1);
            if (ContainerCalibration.Fit(Jug, 0, hours, _ => Weathers.CapOff, readings, ProbeSpot.Medium) is not { } fit)
                continue;
            fits++;
            wall += real.UWallWm2K >= fit.Ends.WallLow && real.UWallWm2K <= fit.Ends.WallHigh ? 1 : 0;
            sun += real.Transmittance >= fit.Ends.SunLow && real.Transmittance <= fit.Ends.SunHigh ? 1 : 0;
        }
        return ((double)wall / fits, (double)sun / fits, fits);
    }

    [Fact]
    public void The_ends_of_a_fit_hold_the_wall_and_the_sun_that_made_the_readings()
    {
        var (wall, sun, fits) = Fitted(50, seed: 11);
        // 0.9 ± 3 standard errors of 50
        Assert.True(fits >= 48 && wall > 0.77 && sun > 0.77, $"{fits} fits: wall {wall:P0}, sun {sun:P0}");
    }

    /// <summary>Writes docs/evidence.md where GASSEL_WRITE says so: './gassel evidence'.</summary>
    [Fact]
    public void What_it_rests_on_is_written_where_it_is_asked_for()
    {
        if (Environment.GetEnvironmentVariable("GASSEL_WRITE") is null)
            Assert.Skip("GASSEL_WRITE is not set");
        var rows = Weather.Select(w =>
        {
            var (air, mix, widest) = Try(w.Hours, w.Setting, 1000, seed: 26);
            return FormattableString.Invariant($"| {w.Name} | {air:P1} | {mix:P1} | {widest:0.0} K |");
        });
        var (wall, sun, fits) = Fitted(200, seed: 26);
        Evidence.Write(
            "How far the inside of a container may be off",
            $"""
            A thousand jugs of 4 litres in each weather, every number of the model drawn from its plausible range (our assumption), beside
            the band that is told of one; the last three of twelve days.

            | weather | hours with the air within | with the mix within | widest |
            |---|---|---|---|
            {string.Join('\n', rows)}

            {FormattableString.Invariant(
                $"A thermometer for a week in the mix of {fits} jugs drawn so, its errors alike from hour to hour (0.4 K): "
            )}
            {FormattableString.Invariant($"the ends told, nine in ten, held the wall in {wall:P1} and the sun let in in {sun:P1}.")}
            The containers are those of the model: how far the model is from a jug in a yard, no such run can tell.
            """
        );
    }
}
