namespace Gassel.Core.Climate;

/// <summary>Days of a 365-day calendar as <c>MM-dd</c>, and beside them the unrounded days since the season's first day.</summary>
public sealed record FrostQuantiles(string P10, string P50, string P90, double P10Offset, double P50Offset, double P90Offset);
