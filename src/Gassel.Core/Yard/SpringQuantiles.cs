namespace Gassel.Core.Yard;

/// <summary>Days between winters, as <c>MM-dd</c> of a 365-day calendar, with the unrounded days since the season's first day.</summary>
public sealed record SpringQuantiles(string P10, string P50, string P90, double P10Offset, double P50Offset, double P90Offset);
