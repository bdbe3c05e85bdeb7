using MathNet.Numerics.Distributions;

namespace Gassel.Core.Tests.Diagnosis;

/// <summary>
/// A made-up season of one sowing as it truly was: what its kind needs, what it got, and what became of each seed. It shares no rule with
/// the program; its biology is invented after the trade facts of dormancy (common practice, no source).
/// </summary>
internal sealed class MadeSeason
{
    private readonly Random _chance;

    public MadeKind Kind { get; }
    public IReadOnlySet<Fault> Faults { get; }
    public DateOnly Begun { get; }
    public bool IsOut { get; }
    public int Seeds { get; }

    /// <summary>Days that were given, and what the air of the fridge was.</summary>
    public int ColdDays { get; }
    public IReadOnlyList<(double Min, double Max)> Fridge { get; }
    public int WarmDays { get; }
    public bool Scarified { get; }
    public double CoatsOpened { get; }

    /// <summary>0 on the surface.</summary>
    public double DepthMm { get; }
    public double LotYears { get; }
    public int Length { get; }
    public IReadOnlyList<(double Min, double Max)> Room { get; }
    public IReadOnlyList<bool> Dry { get; }
    public IReadOnlyList<bool> Wet { get; }
    public IReadOnlyList<bool> Eating { get; }

    /// <summary>Days of small mishaps that harm little: any season has some.</summary>
    public IReadOnlyList<bool> BrieflyDry { get; }
    public IReadOnlyList<bool> BrieflyWet { get; }
    public IReadOnlyList<bool> Nibbled { get; }
    public IReadOnlyList<MadeSeed> Fates { get; }

    /// <param name="early">Judged within its window.</param>
    public MadeSeason(Random chance, MadeKind kind, IReadOnlySet<Fault> faults, bool early = false)
    {
        _chance = chance;
        (Kind, Faults) = (kind, faults);
        Begun = new DateOnly(2026, 10, 1).AddDays(chance.Next(0, 90));
        IsOut = faults.Contains(Fault.Frosted) || chance.NextDouble() < 0.15;
        Seeds = 10 * chance.Next(4, 13);
        ColdDays =
            kind.ColdNeed == 0 ? 0
            : Has(Fault.ShortCold) ? (int)(Between(0.15, 0.6) * kind.ColdNeed)
            : (int)((Happens(0.12) ? Between(0.85, 1) : Between(1, 1.25)) * kind.UsualCold);
        Fridge = Weather(ColdDays, Has(Fault.WarmFridge) ? Between(9, 13) : Between(2, 5), 1);
        WarmDays =
            !kind.HasSmallEmbryo ? 0
            : Has(Fault.NoWarmWeeks) ? chance.Next(0, 25)
            : chance.Next(56, 71);
        Scarified = kind.HasCoat && (!Has(Fault.CoatWhole) || chance.NextDouble() < 0.4);
        CoatsOpened = Has(Fault.CoatWhole) ? Between(0.03, 0.2) : Between(0.85, 0.98);
        DepthMm =
            Has(Fault.Buried) || Has(Fault.Deep) ? Math.Max(4, Between(3, 5) * Math.Max(2, kind.DepthMm))
            : Has(Fault.Lit) || kind.WantsLight ? 0
            : (Happens(0.1) ? Between(1.1, 2) : Between(0.6, 1)) * kind.DepthMm;
        LotYears = Has(Fault.DeadSeed) && chance.NextDouble() < 0.5 ? Between(7, 15) : Between(0.2, 2.5);
        Length = early ? (int)(Between(0.3, 0.6) * kind.Window.Longest) : kind.Window.Longest + chance.Next(4, 16);
        var middle = (kind.BandLow + kind.BandHigh) / 2;
        var meanC =
            Has(Fault.ColdRoom) ? kind.BandLow - Between(3, 7)
            : Has(Fault.HotRoom) ? kind.BandHigh + Between(4, 9)
            : middle + Between(-1.5, 1.5);
        Room = Frozen(Weather(Length, meanC, IsOut ? 5 : 2));
        if (Happens(0.12))
            Room = Warmer(Room, chance.Next(1, 3), Between(6, 10));
        if (Happens(0.12))
            Room = Warmer(Room, chance.Next(2, 5), -Between(4, 7));
        Dry = Has(Fault.Dried) ? Spells(chance.Next(2, 4), 3, 6, 2, Math.Max(5, (int)kind.MiddleDays)) : new bool[Length];
        Wet = Has(Fault.Wet) ? Spells(1, Math.Max(8, (int)kind.MiddleDays), (int)(1.5 * kind.MiddleDays) + 10, 1, 4) : new bool[Length];
        Eating = Has(Fault.Eaten) ? Spells(1, Length, Length + 1, 0, 1) : new bool[Length];
        var cold = Fridge.Sum(d => (Counts(d.Min) + Counts((d.Min + d.Max) / 2) + Counts(d.Max)) / 3);
        BrieflyDry = Happens(0.25) ? Spells(1, 1, 3, 2, Length - 1) : new bool[Length];
        BrieflyWet = Happens(0.2) ? Spells(1, 1, 3, 1, Length - 1) : new bool[Length];
        Nibbled = Happens(0.15) ? Spells(1, 5, 15, (int)(0.7 * kind.MiddleDays), Length - 1) : new bool[Length];
        Fates = [.. Enumerable.Range(0, Seeds).Select(_ => Live(cold))];
    }

    public DateOnly SownOn => Begun.AddDays((Scarified ? 1 : 0) + WarmDays + ColdDays);

    public DateOnly JudgedOn => SownOn.AddDays(Length);

    /// <summary>Share that would come up were nothing wrong.</summary>
    public double Hoped => Kind.Alive * 0.9 * (Kind.HasCoat ? 0.92 : 1);

    private bool Has(Fault fault) => Faults.Contains(fault);

    private bool Happens(double share) => _chance.NextDouble() < share;

    private double Between(double low, double high) => low + ((high - low) * _chance.NextDouble());

    private double Spread(double sigma) => Math.Exp(Normal.Sample(_chance, 0, sigma));

    /// <summary>What an hour at a temperature counts of an hour of cold, °C.</summary>
    private static double Counts(double tempC) => Math.Clamp(Math.Min((tempC + 1.5) / 2, (11 - tempC) / 5), 0, 1);

    private List<(double Min, double Max)> Weather(int days, double meanC, double swing)
    {
        var weather = new List<(double, double)>();
        var off = 0.0;
        for (var i = 0; i < days; i++)
        {
            off = (0.7 * off) + Normal.Sample(_chance, 0, 0.5);
            var half = swing * Between(0.7, 1.3);
            weather.Add((meanC + off - half, meanC + off + half));
        }
        return weather;
    }

    private List<(double Min, double Max)> Frozen(List<(double Min, double Max)> days)
    {
        if (!Has(Fault.Frosted))
            return days;
        var first = Math.Min(days.Count - 2, (int)(Between(0.8, 1.1) * Kind.MiddleDays));
        for (var night = 0; night < 6; night++)
        {
            var day = Math.Min(days.Count - 1, first + (int)(night * 0.25 * Kind.MiddleDays));
            days[day] = (-Between(4, 8), days[day].Max);
        }
        return days;
    }

    /// <summary>A heat wave or a cold snap somewhere in it.</summary>
    private List<(double Min, double Max)> Warmer(IReadOnlyList<(double Min, double Max)> days, int length, double byK)
    {
        var from = _chance.Next(0, days.Count);
        return [.. days.Select((d, i) => i >= from && i < from + length ? (d.Min + byK, d.Max + byK) : d)];
    }

    private bool[] Spells(int spells, int shortest, int longest, int from, int to)
    {
        var days = new bool[Length];
        for (var spell = 0; spell < spells; spell++)
        {
            var start = _chance.Next(from, to);
            var end = Math.Min(Length, start + _chance.Next(shortest, longest));
            for (var day = start; day < end; day++)
                days[day] = true;
        }
        return days;
    }

    private MadeSeed Live(double cold)
    {
        if (_chance.NextDouble() > Kind.Alive * (Has(Fault.DeadSeed) ? Between(0.05, 0.35) : 1) || _chance.NextDouble() > 0.9)
            return new(null, null, _chance.NextDouble() < 0.45 ? Inside.Empty : Inside.Rotten);
        var waits =
            (Kind.HasCoat && _chance.NextDouble() > (Scarified || Has(Fault.CoatWhole) ? CoatsOpened : 0.1))
            || (Kind.HasSmallEmbryo && WarmDays < Normal.Sample(_chance, 45, 6))
            || cold < Kind.ColdNeed * Spread(0.12)
            || (Kind.WantsLight && DepthMm > 1 && _chance.NextDouble() > 0.12)
            || (Kind.WantsDark && DepthMm == 0 && _chance.NextDouble() > 0.15);
        var asked = Kind.MiddleDays * (((Kind.BandLow + Kind.BandHigh) / 2) - Kind.BaseC) * Spread(0.25);
        var reach = 3 * Math.Max(1.5, Kind.DepthMm) * Spread(0.25);
        var warmth = 0.0;
        int? up = null;
        for (var day = 0; day < Length; day++)
        {
            var (min, max) = Room[day];
            if (up is null)
            {
                if (day > 1 && Dry[day] && _chance.NextDouble() < 0.3)
                    return new(null, null, _chance.NextDouble() < 0.6 ? Inside.Full : Inside.Empty);
                if (Wet[day] && _chance.NextDouble() < 0.09)
                    return new(null, null, Inside.Rotten);
                if ((BrieflyDry[day] || BrieflyWet[day]) && _chance.NextDouble() < 0.03)
                    return new(null, null, Inside.Rotten);
                if (waits)
                    continue;
                if ((min + max) / 2 > Kind.CeilingC)
                {
                    waits = _chance.NextDouble() < 0.07;
                    continue;
                }
                warmth += Math.Max(0, Math.Min((min + max) / 2, Kind.BandHigh) - Kind.BaseC);
                if (warmth < asked)
                    continue;
                if (DepthMm > reach)
                    return new(null, null, Inside.Rotten);
                up = day;
            }
            else if (max > 0 && min < -3 && _chance.NextDouble() < 0.9)
            {
                return new(up, (day, Fault.Frosted), Inside.Full);
            }
            else if (Eating[day] && _chance.NextDouble() < 0.4)
            {
                return new(up, (day, Fault.Eaten), Inside.Full);
            }
            else if (Nibbled[day] && _chance.NextDouble() < 0.01)
            {
                return new(up, (day, Fault.Eaten), Inside.Full);
            }
            else if (Wet[day] && _chance.NextDouble() < 0.08)
            {
                return new(up, (day, Fault.Wet), Inside.Full);
            }
            else if (Dry[day] && _chance.NextDouble() < 0.15)
            {
                return new(up, (day, Fault.Dried), Inside.Full);
            }
        }
        return new(up, null, Inside.Full);
    }
}
