namespace Gassel.Web.Features.Forecasts;

/// <summary>The service of the book and how it does.</summary>
/// <param name="Service">Its headers without their values; null where there is none.</param>
/// <param name="AskedAt">Null while it was not asked yet.</param>
/// <param name="ToldAt">When it last told a night to come.</param>
/// <param name="Fault">Why the last question failed; null where it did not.</param>
public sealed record ForecastServiceView(
    ForecastServiceToUse? Service,
    DateTimeOffset? AskedAt,
    DateTimeOffset? ToldAt,
    DateTimeOffset? NextAt,
    string? Fault
);
