namespace Gassel.Core.Yard;

/// <summary>A winter that is not counted, and why.</summary>
public sealed record LeftOutWinter(int Year, string Why);
