namespace Gassel.Core.Climate;

/// <summary>Cold by the calendar, by hours, and by weight, over the moist days.</summary>
/// <param name="UncertainDays">Days marked not moist.</param>
/// <param name="Range">Null without an interruption.</param>
public sealed record ChillingResult(
    double CalendarDays,
    double ChillHours,
    double EffectiveDays,
    double UncertainDays,
    double GapHours,
    IReadOnlyList<ChillingGap> Gaps,
    IReadOnlyList<Interruption> Interruptions,
    EffectiveRange? Range,
    IReadOnlyList<ChilledDay> Daily,
    IReadOnlyList<string> Working
);
