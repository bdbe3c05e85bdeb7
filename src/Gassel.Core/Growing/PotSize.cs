namespace Gassel.Core.Growing;

/// <summary>The next pot: wider by so much, no more, for wet mix without roots goes sour (common practice, no source).</summary>
/// <param name="FromCm">Width of the next pot at least.</param>
/// <param name="ToCm">At most.</param>
/// <param name="Litres">Of one pot of the middle width, as high as wide and tapering by a fifth (our assumption).</param>
/// <param name="MixLitres">For all of them.</param>
/// <param name="BenchM2">Bench that they cover standing edge to edge.</param>
public sealed record PotSize(double FromCm, double ToCm, double Litres, double MixLitres, double BenchM2, IReadOnlyList<string> Working)
{
    /// <summary>Up to this width the next pot is 2.5 to 5 cm wider, beyond it 5 to 8.</summary>
    public const double WideCm = 25;

    /// <summary>The same without its working: widths of the next pot, cm, and litres of one of the middle width.</summary>
    /// <param name="widthCm">Of the pot or cell it stands in, above 0.</param>
    public static (double FromCm, double ToCm, double Litres) Next(double widthCm)
    {
        var (least, most) = widthCm <= WideCm ? (2.5, 5.0) : (5.0, 8.0);
        var (from, to) = (widthCm + least, widthCm + most);
        var middle = (from + to) / 2;
        // a frustum whose foot is a fifth narrower than its rim, as high as its rim is wide
        var (rim, foot) = (middle / 20, middle * 0.8 / 20);
        return (from, to, Math.PI * (middle / 10) / 3 * ((rim * rim) + (rim * foot) + (foot * foot)));
    }

    /// <param name="widthCm">Of the pot or cell it stands in, above 0.</param>
    /// <param name="plants">At least 1.</param>
    public static PotSize After(double widthCm, int plants)
    {
        var (from, to, litres) = Next(widthCm);
        var (least, most, middle) = (from - widthCm, to - widthCm, (from + to) / 2);
        return new(
            from,
            to,
            litres,
            litres * plants,
            plants * middle * middle / 10_000,
            [
                Text.Of(
                    $"From {Quantity.Length(10 * widthCm)} the next pot is {Quantity.Length(10 * least)} to "
                        + $"{Quantity.Length(10 * most)} wider (common practice, no source: up to "
                        + $"{Quantity.Length(10 * WideCm)} pots {RuleOfThumb.NextPotSmall}, beyond "
                        + $"{RuleOfThumb.NextPotWide})."
                ),
                Text.Of(
                    $"A pot of {Quantity.Length(10 * middle)} holds {Quantity.Volume(litres)} (as high as wide, tapering by a fifth: our "
                        + $"assumption); {plants} of them {Quantity.Volume(litres * plants)} of mix on "
                        + $"{Quantity.Area(plants * middle * middle / 10_000)}."
                ),
                "Crown at the level of the mix; tap-rooted kinds go straight into deep cells and are not pricked out.",
            ]
        );
    }
}
