using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>A part whose water wants a look.</summary>
/// <param name="Label">Of its vessel; null where nobody said.</param>
/// <param name="Drinks">What it drinks from below; null where nobody said how large it is.</param>
/// <param name="RainWater">Always wet: it wants rain water.</param>
public sealed record WaterNeed(
    Guid Batch,
    int Number,
    string Part,
    string? Label,
    WaterRegime Regime,
    string Why,
    string? Drinks = null,
    bool RainWater = false
);
