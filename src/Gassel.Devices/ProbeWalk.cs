namespace Gassel.Devices;

/// <summary>The time between that a demo skipped; the thermometers say what they would have said, after <paramref name="From"/>.</summary>
/// <param name="AheadMs">So far the clock of the book goes ahead now.</param>
public sealed record ProbeWalk(DateTimeOffset From, DateTimeOffset To, double AheadMs);
