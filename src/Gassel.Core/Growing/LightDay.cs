using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>What a lamp's timer gives in a day.</summary>
/// <param name="HoursOn">0..24.</param>
/// <param name="KWh">Of all lamps in a day.</param>
/// <param name="Doubts">What speaks against it; empty for a good one.</param>
public sealed record LightDay(
    double HoursOn,
    double HoursDark,
    double KWh,
    double Cost,
    IReadOnlyList<string> Doubts,
    IReadOnlyList<string> Working
)
{
    /// <summary>More brings little, h (common practice, no source).</summary>
    private const double MostOn = 16;

    /// <param name="watts">Of all lamps together.</param>
    public static LightDay Of(Lamps lamps, double watts, double pricePerKWh)
    {
        var kWh = lamps.LightHours * watts / 1000;
        var doubts = new List<string>();
        if (lamps.Warning is { } amiss)
            doubts.Add(amiss);
        else if (lamps.LightHours > MostOn)
            doubts.Add(Text.Of($"{lamps.LightHours:0.#} h of light: more than {MostOn:0} brings little."));
        return new(
            lamps.LightHours,
            lamps.DarkHours,
            kWh,
            kWh * pricePerKWh,
            doubts,
            [
                Text.Of(
                    $"{lamps.Words}; {Lamps.LeastLightHours:0} to {MostOn:0} h of light and at least "
                        + $"{Lamps.LeastDarkHours:0} h dark (common practice, no source)."
                ),
                Text.Of($"{watts:0.#} W × {lamps.LightHours:0.#} h = {kWh:0.###} kWh a day."),
                $"Fluorescent tubes {RuleOfThumb.TubesAbove} above the leaves, LED by its maker, usually {RuleOfThumb.LedAbove} (common "
                    + "practice, no source). Residual-current (GFCI) outlet, drip loop.",
            ]
        );
    }
}
