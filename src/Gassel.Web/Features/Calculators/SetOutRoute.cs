namespace Gassel.Web.Features.Calculators;

/// <param name="Response">Four knots that do not fall, °C; [−1, 0.5, 6, 12] if left out.</param>
/// <param name="KillC">What seedlings stand, by the air inside.</param>
public sealed record SetOutRoute(
    double ColdDays,
    double BaseC,
    double KillC,
    bool GerminatesInCold = false,
    double? OptimumC = null,
    double? CeilingC = null,
    IReadOnlyList<double>? Response = null,
    ThermalTimeInput? ThermalTime = null,
    PacketInput? Packet = null
);
