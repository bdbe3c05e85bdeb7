using Gassel.Core.Climate;
using Gassel.Core.Treatments;

namespace Gassel.Core.Yard;

/// <summary>What a species asks of a winter outdoors.</summary>
/// <param name="ColdDays">Days of cold by weight, above 0.</param>
/// <param name="CeilingC">Once the mean of seven days passes it, what is not chilled by then waits for next spring.</param>
/// <param name="GerminatesInCold">Its warmth is gathered alongside the cold.</param>
/// <param name="KillC">What its seedlings stand, by the air inside, °C.</param>
/// <param name="UsualColdDays">What is usual beyond what is enough; null where only one number is known.</param>
/// <param name="IsOwnWarmth">Its warmth is that of own sowings indoors, in place of the days of the route.</param>
public sealed record SetOutNeed(
    double ColdDays,
    ColdResponse Response,
    ThermalRate Rate,
    double CeilingC,
    ThermalTime ThermalTime,
    bool GerminatesInCold,
    double KillC,
    double? UsualColdDays = null,
    bool IsOwnWarmth = false
);
