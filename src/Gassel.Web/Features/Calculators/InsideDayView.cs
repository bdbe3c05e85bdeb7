namespace Gassel.Web.Features.Calculators;

/// <param name="FrozenHours">Hours that ended with ice in the mix.</param>
/// <param name="Effective">Days of cold by weight in the mix.</param>
public sealed record InsideDayView(
    DateOnly Date,
    double AirMaxC,
    double AirMinC,
    double MediumMaxC,
    double MediumMinC,
    double FrozenHours,
    double Effective
);
