namespace Gassel.Web.Features.Calculators;

/// <summary>Exactly one of <paramref name="Daily"/> and <paramref name="Readings"/>, each strictly increasing.</summary>
/// <param name="Response">Four knots that do not fall, °C; [0, 1, 5, 10] if left out.</param>
/// <param name="Need">Days of cold by weight; a warm spell after it is met is no interruption. All are listed if left out.</param>
public sealed record ChillingRequest(
    IReadOnlyList<ChillingDayInput>? Daily = null,
    IReadOnlyList<ReadingInput>? Readings = null,
    IReadOnlyList<double>? Response = null,
    double? Need = null
);
