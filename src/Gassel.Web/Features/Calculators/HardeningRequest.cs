namespace Gassel.Web.Features.Calculators;

/// <param name="Days">7 to 14.</param>
/// <param name="Tender">In below 7 °C instead of 0.</param>
/// <param name="Skipped">Days on which nobody carried them out.</param>
/// <param name="WinterSown">A container whose top is opened by degrees instead.</param>
public sealed record HardeningRequest(
    DateOnly Start,
    int Days,
    bool? Tender = null,
    IReadOnlyList<DateOnly>? Skipped = null,
    bool? WinterSown = null
);
