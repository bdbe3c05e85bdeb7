using Gassel.Core.Climate;
using Gassel.Core.Treatments;

namespace Gassel.Core.Diagnosis;

/// <summary>A step that a route asks before sowing, and what became of it.</summary>
/// <param name="From">Day on which it began; null where it is not on record.</param>
/// <param name="To">Day on which it ended; null where the next step or the sowing ended it.</param>
/// <param name="Temperatures">Measured where it was given, °C; empty where nobody measured.</param>
/// <param name="AssumedC">What the grower assumes of the place, °C.</param>
/// <param name="Swollen">Seeds seen swollen at the end of a soak or after scarifying; null where nobody looked.</param>
public sealed record JudgedStep(
    StepKind Kind,
    DurationRange Asked,
    bool Optional,
    DateOnly? From,
    DateOnly? To,
    IReadOnlyList<DailyTemperature> Temperatures,
    double AssumedC,
    int? Swollen = null
);
