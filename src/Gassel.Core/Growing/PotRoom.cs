namespace Gassel.Core.Growing;

/// <summary>Room that pots take, standing edge to edge in trays of 27 × 53 cm (common practice, no source).</summary>
/// <param name="PerTray">At least 1: a pot wider than a tray stands on one alone.</param>
/// <param name="M2">Of the trays.</param>
public sealed record PotRoom(int Pots, double WidthCm, int PerTray, int Trays, double M2, IReadOnlyList<string> Working)
{
    private const double TrayWidthCm = 27;
    private const double TrayLengthCm = 53;

    /// <summary>Of a tray or flat.</summary>
    public const double TrayCm2 = TrayWidthCm * TrayLengthCm;

    /// <param name="pots">0 or more.</param>
    /// <param name="widthCm">Above 0.</param>
    public static PotRoom Of(int pots, double widthCm)
    {
        var perTray = Math.Max(1, (int)(TrayWidthCm / widthCm + 1e-9) * (int)(TrayLengthCm / widthCm + 1e-9));
        var trays = (pots + perTray - 1) / perTray;
        var m2 = trays * TrayCm2 / 10_000;
        return new(
            pots,
            widthCm,
            perTray,
            trays,
            m2,
            [
                Text.Of(
                    $"{perTray} pots of {Quantity.Length(10 * widthCm)} to a tray of {Quantity.Length(10 * TrayWidthCm)} × "
                        + $"{Quantity.Length(10 * TrayLengthCm)}; {pots} of them fill {trays} "
                        + $"{(trays == 1 ? "tray" : "trays")}, {Quantity.Area(m2)}."
                ),
            ]
        );
    }
}
