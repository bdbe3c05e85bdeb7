using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <param name="FilledLitres">What the vessels hold when it has settled.</param>
/// <param name="LooseLitres">What to measure out.</param>
/// <param name="WaterLitres">To begin with; the squeeze decides.</param>
public sealed record MixResult(
    double FilledLitres,
    double LooseLitres,
    IReadOnlyList<MixAmount> Parts,
    double WaterLitres,
    string MoistureTest,
    IReadOnlyList<Caution> Cautions,
    IReadOnlyList<string> Working
);
