using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <summary>
/// A lidded container as two stores of heat, the mix and the air over it. An uncalibrated model: parameters are our assumption, the
/// arithmetic is
/// exact for inputs that stay the same through an hour, also while the water in the mix freezes or thaws.
/// </summary>
public sealed class ContainerModel
{
    /// <summary>Of moist mix, J/(m³·K).</summary>
    private const double MixHeat = 2.9e6;

    /// <summary>Share of the mix that is water.</summary>
    private const double WaterShare = 0.45;

    /// <summary>Latent heat of freezing, J/kg.</summary>
    public const double LatentHeat = 334_000;

    /// <summary>The water of the mix freezes between 0 °C and this.</summary>
    public const double FrozenThroughC = -0.5;

    /// <summary>ρ·c_p of air, J/(m³·K).</summary>
    private const double AirHeat = 1200;

    /// <summary>Plastic and what else warms with the air, J/K.</summary>
    private const double ShellHeat = 150;

    /// <summary>Of stones, J/(kg·K).</summary>
    private const double StoneHeat = 800;

    /// <summary>Low sun strikes the side: so much of the wall beyond the mix's own area counts too.</summary>
    private const double SideSun = 0.35;

    /// <summary>Snow deeper than this lets no sun in and keeps the warmth, cm.</summary>
    private const double BuriedCm = 10;

    /// <summary>The ground under such snow is not colder, °C (our assumption).</summary>
    private const double GroundUnderSnowC = -0.2;

    /// <summary>Of the difference between air and ground so much less is felt for each depth like this, cm (our assumption).</summary>
    private const double SnowFadeCm = 15;

    /// <summary>The ground has the mean of the air over so many hours.</summary>
    private const int GroundHours = 30 * 24;

    private const double Hour = 3600;

    /// <summary>Nearer to a limit than this is at it, K.</summary>
    private const double Hair = 1e-12;

    private readonly ContainerParameters _p;
    private readonly double _mediumHeat;
    private readonly double _freezingHeat;
    private readonly double _airHeat;
    private readonly double _sunArea;

    public ContainerModel(ContainerParameters parameters, double stonesKg = 0)
    {
        _p = parameters;
        _mediumHeat = (MixHeat * parameters.MediumL / 1000) + (StoneHeat * stonesKg);
        _freezingHeat = _mediumHeat + (LatentHeat * WaterShare * parameters.MediumL / -FrozenThroughC);
        _airHeat = (AirHeat * parameters.AirL / 1000) + ShellHeat;
        _sunArea = parameters.AreaM2 + (SideSun * Math.Max(0, parameters.WallAreaM2 - parameters.AreaM2));
    }

    /// <param name="hours">An hour apart, at least one.</param>
    /// <param name="settingAt">How it stands in an hour.</param>
    /// <param name="startMediumC">Null: as the ground.</param>
    /// <param name="startAirC">Null: as the air outdoors.</param>
    public ContainerRun Run(
        IReadOnlyList<ContainerHour> hours,
        Func<ContainerHour, ContainerSetting> settingAt,
        double? startMediumC = null,
        double? startAirC = null
    )
    {
        var ground = new GroundMean(hours);
        double medium = startMediumC ?? ground.At(0),
            air = startAirC ?? hours[0].TempC;
        var run = new ContainerRun(hours, air, medium, new double[hours.Count], new double[hours.Count], default);
        double sun = 0,
            lost = 0,
            stored = 0;
        var steps = new Propagators(this);
        for (var i = 0; i < hours.Count; i++)
        {
            var hour = hours[i];
            var setting = settingAt(hour);
            var buried = hour.SnowCm > BuriedCm && setting.Shelter != Shelter.CarriedIn;
            var outdoors =
                setting.Shelter == Shelter.CarriedIn ? ContainerSetting.CarriedInC
                : hour.SunUp ? hour.TempC
                : hour.TempC - (setting.NightSkyK * hour.Clearness);
            // buried, what surrounds it is the snow: near the ground's temperature, the nearer the deeper
            var underSnow = Math.Max(ground.At(i), GroundUnderSnowC);
            if (buried)
                outdoors = underSnow + ((hour.TempC - underSnow) * Math.Exp(-hour.SnowCm / SnowFadeCm));
            var groundC =
                setting.Shelter == Shelter.CarriedIn ? ContainerSetting.CarriedInC
                : buried ? underSnow
                : ground.At(i);
            var sunW = buried ? 0 : _p.Transmittance * hour.SolarWm2 * setting.SunShare * _sunArea;
            var wall = setting.Shelter == Shelter.Covered ? ContainerSetting.CoveredWall : 1;
            steps.Set(wall, buried ? _p.AirChangesPerHour.On : Changes(setting.Cap, hour.SunUp));
            var (heatBefore, airBefore) = (Heat(medium), air);
            lost += steps.Hour(ref medium, ref air, sunW, outdoors, groundC);
            sun += sunW * Hour;
            stored += Heat(medium) - heatBefore + (_airHeat * (air - airBefore));
            run.MediumC[i] = medium;
            run.AirC[i] = air;
        }
        return run with { Heat = new(sun, stored, lost) };
    }

    private double Changes(CapPosition cap, bool sunUp) =>
        cap switch
        {
            CapPosition.On => _p.AirChangesPerHour.On,
            CapPosition.Off => _p.AirChangesPerHour.Off,
            CapPosition.Open => _p.AirChangesPerHour.Open,
            _ => sunUp ? _p.AirChangesPerHour.Off : _p.AirChangesPerHour.On,
        };

    /// <summary>Heat in the mix above that at 0 °C, J; the latent heat of its water included.</summary>
    private double Heat(double mediumC) =>
        mediumC >= 0 ? mediumC * _mediumHeat
        : mediumC >= FrozenThroughC ? mediumC * _freezingHeat
        : (FrozenThroughC * _freezingHeat) + ((mediumC - FrozenThroughC) * _mediumHeat);

    /// <summary>Mean of the air over the last 30 days, in the first 30 days over those.</summary>
    private sealed class GroundMean
    {
        private readonly double[] _sums;

        public GroundMean(IReadOnlyList<ContainerHour> hours)
        {
            _sums = new double[hours.Count + 1];
            for (var i = 0; i < hours.Count; i++)
                _sums[i + 1] = _sums[i] + hours[i].TempC;
        }

        public double At(int hour)
        {
            var to = Math.Min(Math.Max(hour + 1, GroundHours), _sums.Length - 1);
            var from = Math.Max(0, to - GroundHours);
            return (_sums[to] - _sums[from]) / (to - from);
        }
    }

    /// <summary>Which heat the mix has to give for a degree: thawed, freezing, or frozen through.</summary>
    private enum Water
    {
        Thawed,
        Freezing,
        Frozen,
    }

    /// <summary>
    /// x = (medium, air) under dx/dt = A·(x − x*), solved by the exponential of the two-by-two matrix. A changes with the wall, the air
    /// changes and
    /// the water of the mix; the exponential of a whole hour is kept while it does not.
    /// </summary>
    private sealed class Propagators(ContainerModel model)
    {
        private readonly Step?[] _kept = new Step?[3];
        private double _wall = double.NaN;
        private double _changes = double.NaN;
        private double _side;
        private double _lid;
        private double _base;
        private double _between;

        public void Set(double wall, double changes)
        {
            if (wall == _wall && changes == _changes)
                return;
            (_wall, _changes) = (wall, changes);
            var p = model._p;
            _side = p.UWallWm2K * wall * p.SideAreaM2;
            _lid = ((p.ULidWm2K ?? p.UWallWm2K) * wall * p.WallAreaM2) + (AirHeat * p.AirL / 1000 * changes / ContainerModel.Hour);
            _base = p.UBaseWm2K * p.AreaM2;
            _between = p.HWm2K * p.AreaM2;
            Array.Clear(_kept);
        }

        /// <summary>One hour; what left through wall, lid and base, J.</summary>
        public double Hour(ref double medium, ref double air, double sunW, double outdoorsC, double groundC)
        {
            double lost = 0,
                left = ContainerModel.Hour;
            // where nothing flows the mix may stand on a limit; it cannot pass many in an hour
            for (var turns = 0; left > 1e-6 && turns < 100; turns++)
            {
                var flowW =
                    (model._p.AbsorbedShare * sunW)
                    + (_between * (air - medium))
                    + (_side * (outdoorsC - medium))
                    + (_base * (groundC - medium));
                var water = WaterOf(medium, flowW);
                var step = _kept[(int)water] ??= new(model.HeatOf(water), model._airHeat, _between, _side + _base, _lid);
                // steady state: both flows nothing
                var (mediumIn, airIn) = (
                    (model._p.AbsorbedShare * sunW) + (_side * outdoorsC) + (_base * groundC),
                    ((1 - model._p.AbsorbedShare) * sunW) + (_lid * outdoorsC)
                );
                var (steadyMedium, steadyAir) = step.Steady(mediumIn, airIn);
                var path = step.From(medium - steadyMedium, air - steadyAir);
                var time = FirstPassing(path, steadyMedium, water, left);
                var (dm, da, sumM, sumA) = path.At(time);
                (medium, air) = (steadyMedium + dm, steadyAir + da);
                lost +=
                    (_side * ((steadyMedium * time) + sumM - (outdoorsC * time)))
                    + (_base * ((steadyMedium * time) + sumM - (groundC * time)))
                    + (_lid * ((steadyAir * time) + sumA - (outdoorsC * time)));
                left -= time;
                if (left > 1e-6)
                    medium = Math.Abs(medium) < Math.Abs(medium - FrozenThroughC) ? 0 : FrozenThroughC;
            }
            return lost;
        }

        private static Water WaterOf(double medium, double flowW) =>
            medium switch
            {
                > 0 => Water.Thawed,
                0 => flowW >= 0 ? Water.Thawed : Water.Freezing,
                > FrozenThroughC => Water.Freezing,
                FrozenThroughC => flowW >= 0 ? Water.Freezing : Water.Frozen,
                _ => Water.Frozen,
            };

        /// <summary>Seconds until the mix comes to the end of its range; <paramref name="left"/> where it does not in that time.</summary>
        private static double FirstPassing(Path path, double steadyMedium, Water water, double left)
        {
            var (low, high) = water switch
            {
                Water.Thawed => (0, double.PositiveInfinity),
                Water.Freezing => (FrozenThroughC, 0),
                _ => (double.NegativeInfinity, FrozenThroughC),
            };
            // the mix turns at most once on its way
            var turn = path.TurnOfMedium;
            var before = 0.0;
            foreach (var end in turn > 0 && turn < left ? [turn, left] : (ReadOnlySpan<double>)[left])
            {
                var there = steadyMedium + path.At(end).Medium;
                if (there < low - Hair || there > high + Hair)
                {
                    var limit = there < low - Hair ? low : high;
                    var (a, b) = (before, end);
                    var rising = there > high + Hair;
                    for (var i = 0; i < 60; i++)
                    {
                        var middle = (a + b) / 2;
                        if ((steadyMedium + path.At(middle).Medium > limit) == rising)
                            b = middle;
                        else
                            a = middle;
                    }
                    return b;
                }
                before = end;
            }
            return left;
        }
    }

    private double HeatOf(Water water) => water == Water.Freezing ? _freezingHeat : _mediumHeat;

    /// <summary>The matrix A with its two rates of decay, 1/s.</summary>
    private sealed class Step
    {
        private readonly double _a11;
        private readonly double _a12;
        private readonly double _a21;
        private readonly double _a22;
        private readonly double _slow;
        private readonly double _fast;
        private readonly double _between;
        private readonly double _mediumOut;
        private readonly double _airOut;
        private readonly (double Slow, double Fast) _hour;

        /// <param name="between">Between mix and air, W/K; so with the others: from the mix to outdoors and ground, from the air
        /// outdoors.</param>
        public Step(double mediumHeat, double airHeat, double between, double mediumOut, double airOut)
        {
            (_between, _mediumOut, _airOut) = (between, mediumOut, airOut);
            (_a11, _a12) = (-(between + mediumOut) / mediumHeat, between / mediumHeat);
            (_a21, _a22) = (between / airHeat, -(between + airOut) / airHeat);
            var half = (_a11 + _a22) / 2;
            var root = Math.Sqrt((((_a11 - _a22) / 2) * ((_a11 - _a22) / 2)) + (_a12 * _a21));
            (_slow, _fast) = (half + root, half - root);
            _hour = (Math.Exp(_slow * Hour), Math.Exp(_fast * Hour));
        }

        /// <summary>Where inflows in W leave both at rest.</summary>
        public (double Medium, double Air) Steady(double mediumIn, double airIn)
        {
            var determinant = ((_between + _mediumOut) * (_between + _airOut)) - (_between * _between);
            return (
                ((mediumIn * (_between + _airOut)) + (_between * airIn)) / determinant,
                ((airIn * (_between + _mediumOut)) + (_between * mediumIn)) / determinant
            );
        }

        /// <summary>From a start, as distance to the steady state, K.</summary>
        public Path From(double medium, double air)
        {
            // each distance is a sum of two decays: the projections on the two eigenvectors
            var width = _slow - _fast;
            var slowMedium = (((_a11 - _fast) * medium) + (_a12 * air)) / width;
            var slowAir = ((_a21 * medium) + ((_a22 - _fast) * air)) / width;
            return new(_slow, _fast, slowMedium, medium - slowMedium, slowAir, air - slowAir, _hour);
        }
    }

    /// <summary>The way from a start to the steady state: two decays each of mix and air.</summary>
    private readonly record struct Path(
        double Slow,
        double Fast,
        double SlowMedium,
        double FastMedium,
        double SlowAir,
        double FastAir,
        (double Slow, double Fast) HourDecay
    )
    {
        /// <summary>Seconds at which the mix turns; negative where it never does.</summary>
        public double TurnOfMedium
        {
            get
            {
                var ratio = -(FastMedium * Fast) / (SlowMedium * Slow);
                return ratio > 0 && double.IsFinite(ratio) ? Math.Log(ratio) / (Slow - Fast) : -1;
            }
        }

        /// <summary>Distances after so many seconds, K, and their sums over that time, K·s.</summary>
        public (double Medium, double Air, double MediumSum, double AirSum) At(double seconds)
        {
            var (slow, fast) = seconds == Hour ? HourDecay : (Math.Exp(Slow * seconds), Math.Exp(Fast * seconds));
            var (slowSum, fastSum) = ((slow - 1) / Slow, (fast - 1) / Fast);
            return (
                (SlowMedium * slow) + (FastMedium * fast),
                (SlowAir * slow) + (FastAir * fast),
                (SlowMedium * slowSum) + (FastMedium * fastSum),
                (SlowAir * slowSum) + (FastAir * fastSum)
            );
        }
    }
}
