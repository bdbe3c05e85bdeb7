using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Yard;

/// <summary>An hour outdoors and inside.</summary>
/// <param name="AirBand">Between which ends the air lies by the model, nine times in ten; null where nobody reckoned it.</param>
/// <param name="MediumBand">The same of the mix.</param>
public sealed record InsideHour(
    DateTimeOffset At,
    double OutdoorC,
    double AirC,
    double MediumC,
    TemperatureBand? AirBand,
    TemperatureBand? MediumBand
);
