namespace Gassel.Web.Features.Calculators;

/// <summary>Exactly one of <c>daily</c> and <c>readings</c>, and of <c>thermalTime</c> and <c>packet</c>.</summary>
/// <param name="From">First day that counts.</param>
/// <param name="OptimumC">Above <paramref name="BaseC"/>; null for none.</param>
/// <param name="CeilingC">Above the optimum; null for none.</param>
public sealed record EmergenceRequest(
    DateOnly From,
    double BaseC,
    double? OptimumC = null,
    double? CeilingC = null,
    IReadOnlyList<DayRangeInput>? Daily = null,
    IReadOnlyList<ReadingInput>? Readings = null,
    ThermalTimeInput? ThermalTime = null,
    PacketInput? Packet = null
);
