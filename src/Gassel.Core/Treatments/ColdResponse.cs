namespace Gassel.Core.Treatments;

/// <summary>
/// How much a cold day counts at a temperature, °C: nothing at or below the first knot, rising to all at the second, all to the third,
/// falling to nothing at the fourth. Where two knots are one it jumps there, and counts nothing at the lower, all at the upper. The shape
/// is our assumption.
/// </summary>
public readonly record struct ColdResponse(double NoneBelowC, double FullFromC, double FullToC, double NoneAboveC)
{
    /// <summary>A medium under snow sits near 0 °C for months and does stratify (starter value, from memory).</summary>
    public static ColdResponse Usual => new(-1, 0.5, 6, 12);

    /// <summary>For kinds that germinate in the cold (starter value, from memory).</summary>
    public static ColdResponse ColdGerminator => new(-1, 0, 4, 8);

    /// <summary>What the calculator takes where none is given, and what every need is shown under beside the species' own.</summary>
    public static ColdResponse Default => new(0, 1, 5, 10);

    /// <summary>The knots do not fall.</summary>
    public bool IsOrdered => NoneBelowC <= FullFromC && FullFromC <= FullToC && FullToC <= NoneAboveC;

    /// <summary>The knots in order, °C.</summary>
    public IReadOnlyList<double> Knots => [NoneBelowC, FullFromC, FullToC, NoneAboveC];

    /// <summary>As it is told beside a sum of cold.</summary>
    public string Told() =>
        $"nothing at or below {Quantity.Temperature(NoneBelowC)}, all from {Quantity.Temperature(FullFromC)} to "
        + $"{Quantity.Temperature(FullToC)}, nothing at or above {Quantity.Temperature(NoneAboveC)}";

    /// <summary>Share of a day of cold that a day at this temperature is, 0..1.</summary>
    public double At(double tempC) =>
        tempC switch
        {
            _ when tempC <= NoneBelowC => 0,
            _ when tempC < FullFromC => (tempC - NoneBelowC) / (FullFromC - NoneBelowC),
            _ when tempC <= FullToC => 1,
            _ when tempC < NoneAboveC => (NoneAboveC - tempC) / (NoneAboveC - FullToC),
            _ => 0,
        };

    /// <summary>Mean over a time in which the temperature goes in a straight line from one to the other; exact through the knots.</summary>
    public double MeanBetween(double fromC, double toC)
    {
        var (low, high) = fromC < toC ? (fromC, toC) : (toC, fromC);
        if (high - low < 1e-12)
            return At(low);
        double sum = 0;
        if (Overlap(NoneBelowC, FullFromC) is { } rising)
            sum += (rising.To - rising.From) * (((rising.From + rising.To) / 2) - NoneBelowC) / (FullFromC - NoneBelowC);
        if (Overlap(FullFromC, FullToC) is { } full)
            sum += full.To - full.From;
        if (Overlap(FullToC, NoneAboveC) is { } falling)
            sum += (falling.To - falling.From) * (NoneAboveC - ((falling.From + falling.To) / 2)) / (NoneAboveC - FullToC);
        return sum / (high - low);

        (double From, double To)? Overlap(double from, double to)
        {
            var (a, b) = (Math.Max(low, from), Math.Min(high, to));
            return a < b ? (a, b) : null;
        }
    }
}
