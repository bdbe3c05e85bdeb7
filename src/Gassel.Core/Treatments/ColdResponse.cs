namespace Gassel.Core.Treatments;

/// <summary>
/// How much a cold day counts at a temperature, °C: nothing at or below the first knot, rising to all at the second, all to the third,
/// falling to nothing at the fourth. The shape is our assumption.
/// </summary>
public readonly record struct ColdResponse(double NoneBelowC, double FullFromC, double FullToC, double NoneAboveC)
{
    /// <summary>A medium under snow sits near 0 °C for months and does stratify (starter value, from memory).</summary>
    public static ColdResponse Usual => new(-1, 0.5, 6, 12);

    /// <summary>For kinds that germinate in the cold (starter value, from memory).</summary>
    public static ColdResponse ColdGerminator => new(-1, 0, 4, 8);

    /// <summary>The knots do not fall.</summary>
    public bool IsOrdered => NoneBelowC <= FullFromC && FullFromC <= FullToC && FullToC <= NoneAboveC;
}
