using Gassel.Core.Germination;

namespace Gassel.Web.Features.Learning;

/// <summary>What a finished batch did beside what was expected of it.</summary>
/// <param name="Forecast">As it was made at planning, or, where none was kept, as the batches before it would have made it; null where the
/// lot is gone.</param>
/// <param name="ForecastKept">False where it is reckoned afterwards.</param>
/// <param name="Within">What happened lies within the forecast; null without one, and where the result is a lower bound or an
/// accident.</param>
/// <param name="AtLeast">Last counted while more could come up.</param>
/// <param name="Accident">Why it is left out; null where it teaches.</param>
/// <param name="Judged">The grower said whether it teaches.</param>
public sealed record BatchOutcome(
    Guid Id,
    int Number,
    DateOnly OverOn,
    int Germinated,
    int Seeds,
    double Fraction,
    double Low,
    double High,
    int ColdDays,
    GerminationForecast? Forecast,
    bool ForecastKept,
    bool? Within,
    bool AtLeast,
    string? Accident,
    bool Judged
);
