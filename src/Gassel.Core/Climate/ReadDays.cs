namespace Gassel.Core.Climate;

/// <param name="Days">Days with at least one covered stretch, in order.</param>
public sealed record ReadDays(IReadOnlyList<TemperatureDay> Days, IReadOnlyList<ReadingGap> Gaps);
