namespace Gassel.Core.Climate;

/// <summary>
/// How fast treated seed comes on at a temperature, in degrees above its base (Garcia-Huidobro, Monteith &amp; Squire 1982): T − base from
/// the base
/// on; with an optimum no more than at the optimum; with a ceiling from there in a straight line to nothing at the ceiling. Without an
/// optimum
/// the rate rises up to the ceiling and is nothing above it.
/// </summary>
/// <param name="BaseC">Nothing at or below it, °C.</param>
/// <param name="OptimumC">Above the base; null for none.</param>
/// <param name="CeilingC">Above the optimum; null for none.</param>
public readonly record struct ThermalRate(double BaseC, double? OptimumC = null, double? CeilingC = null)
{
    /// <summary>Of kinds that come up in the cool (starter value, our assumption).</summary>
    public static ThermalRate Cool => new(0, 12, 20);

    /// <summary>Of other kinds (starter value, our assumption).</summary>
    public static ThermalRate General => new(4, 20, 30);

    /// <summary>No air is hotter, °C.</summary>
    private const double FarC = 200;

    /// <summary>Degrees that count at a temperature, K.</summary>
    public double At(double tempC)
    {
        if (tempC <= BaseC || tempC >= CeilingC)
            return 0;
        if (OptimumC is not { } optimum || tempC <= optimum)
            return tempC - BaseC;
        return CeilingC is { } ceiling ? (optimum - BaseC) * (ceiling - tempC) / (ceiling - optimum) : optimum - BaseC;
    }

    /// <summary>Mean over a day between its minimum and maximum as one sine, K; a day's sum in °C·d.</summary>
    public double MeanOfDay(double minC, double maxC) =>
        minC >= BaseC && maxC <= (OptimumC ?? CeilingC ?? FarC) ? (minC + maxC) / 2 - BaseC : SingleSineDay.MeanOf(minC, maxC, Knots());

    /// <summary>
    /// Mean over a time in which the temperature goes in a straight line from one to the other, K; exact through the knots.
    /// </summary>
    public double MeanBetween(double fromC, double toC)
    {
        var (low, high) = fromC < toC ? (fromC, toC) : (toC, fromC);
        if (high - low < 1e-9)
            return At(low);
        double sum = 0;
        var knots = Knots();
        for (var i = 1; i < knots.Length; i++)
        {
            var (a, b) = (Math.Max(low, knots[i - 1].AtC), Math.Min(high, knots[i].AtC));
            if (a < b)
                sum += (b - a) * (Value(knots[i - 1], knots[i], a) + Value(knots[i - 1], knots[i], b)) / 2;
        }
        return sum / (high - low);

        static double Value((double AtC, double Value) from, (double AtC, double Value) to, double tempC) =>
            from.Value + ((to.Value - from.Value) * (tempC - from.AtC) / (to.AtC - from.AtC));
    }

    /// <summary>Corners of the line, from the base on; flat outside.</summary>
    private (double AtC, double Value)[] Knots() =>
        (OptimumC, CeilingC) switch
        {
            ({ } optimum, { } ceiling) => [(BaseC, 0), (optimum, optimum - BaseC), (ceiling, 0)],
            ({ } optimum, null) => [(BaseC, 0), (optimum, optimum - BaseC), (FarC, optimum - BaseC)],
            (null, { } ceiling) => [(BaseC, 0), (ceiling, ceiling - BaseC), (ceiling, 0)],
            _ => [(BaseC, 0), (FarC, FarC - BaseC)],
        };
}
