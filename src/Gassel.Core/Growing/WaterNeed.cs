using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>A part whose water wants a look.</summary>
/// <param name="Label">Of its vessel; null where nobody said.</param>
public sealed record WaterNeed(Guid Batch, int Number, string Part, string? Label, WaterRegime Regime, string Why);
