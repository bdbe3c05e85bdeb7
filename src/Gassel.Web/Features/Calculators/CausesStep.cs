using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Calculators;

/// <param name="Days">As the route asks.</param>
/// <param name="From">Day on which it began; null where it was not done.</param>
/// <param name="To">Day on which it ended; null where the next step or the sowing ended it.</param>
/// <param name="Temperatures">Where it was given; none where nobody measured.</param>
/// <param name="AssumedC">What the place is taken to be; 4 °C for cold, 22 °C else if left out.</param>
/// <param name="Swollen">Seeds seen swollen at the end of scarifying or a soak.</param>
public sealed record CausesStep(
    StepKind Kind,
    DaysInput Days,
    DateOnly? From = null,
    DateOnly? To = null,
    bool Optional = false,
    IReadOnlyList<DayRangeInput>? Temperatures = null,
    double? AssumedC = null,
    int? Swollen = null
);
