namespace Gassel.Core;

/// <summary>
/// Amounts that are rules of thumb and have a round number in each system. The one table of them; none is converted, and all are common
/// practice, no source, unless the rule that uses one says otherwise.
/// </summary>
public static class RuleOfThumb
{
    /// <summary>Hours that count as chilling.</summary>
    public static string ChillingBand { get; } = Quantity.Rule("from 0 to 7.2 °C", "from 32 to 45 °F");

    public static string Freezing { get; } = Quantity.Rule("0 °C", "32 °F");
    public static string BrightAndCoolStops { get; } = Quantity.Rule("15 °C", "60 °F");
    public static string VernalizingBand { get; } = Quantity.Rule("7 to 10 °C", "45 to 50 °F");
    public static string RosetteBand { get; } = Quantity.Rule("0 to 7 °C", "32 to 45 °F");
    public static string MatLifts { get; } = Quantity.Rule("10–12 °C", "about 20 °F");
    public static string TubesAbove { get; } = Quantity.Rule("5–8 cm", "2–3 in");
    public static string LedAbove { get; } = Quantity.Rule("15 to 45 cm", "6 to 18 in");
    public static string GritDeep { get; } = Quantity.Rule("3–6 mm", "1/8–1/4 in");
    public static string HingeLeft { get; } = Quantity.Rule("13–50 mm", "1/2–2 in");
    public static string MixDeep { get; } = Quantity.Rule("7–10 cm", "3–4 in");
    public static string VesselHolds { get; } = Quantity.Rule("1.9 to 4 l", "1/2 to 1 gal");
    public static string HopkinsHeight { get; } = Quantity.Rule("122 m", "400 ft");
    public static string NextPotSmall { get; } = Quantity.Rule("2.5 to 5 cm", "1 to 2 in");
    public static string NextPotWide { get; } = Quantity.Rule("5 to 8 cm", "2 to 3 in");
    public static string WaterFromBelow { get; } = Quantity.Rule("240–480 ml", "1–2 cups");

    /// <summary>The same for more or less than one tray, to the nearest 10 ml and half cup.</summary>
    /// <param name="trays">Above 0.</param>
    public static string WaterFromBelowOf(double trays)
    {
        static double Tens(double ml) => Math.Max(10, 10 * Math.Round(ml / 10));
        static double Halves(double cups) => Math.Max(0.5, Math.Round(2 * cups) / 2);
        var (low, high) = (Tens(240 * trays), Tens(480 * trays));
        return Quantity.Rule(
            high < 1000 ? Text.Of($"{low:0}–{high:0} ml") : Text.Of($"{low / 1000:0.#}–{high / 1000:0.#} l"),
            Text.Of($"{Halves(trays):0.#}–{Halves(2 * trays):0.#} cups")
        );
    }

    public static string DeepSnow { get; } = Quantity.Rule("10 cm", "4 in");
    public static string SnowFades { get; } = Quantity.Rule("15 cm", "6 in");
    public static string GroundUnderSnow { get; } = Quantity.Rule("−0.2 °C", "31.6 °F");
    public static string WaterFreezes { get; } = Quantity.Rule("from 0 to −0.5 °C", "from 32 to 31 °F");
}
