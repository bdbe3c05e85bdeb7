namespace Gassel.Web.Features.Temperature;

/// <param name="Accepted">Readings on disk; one that was there already among them.</param>
/// <param name="Refused">Those that were not taken, by their place in what was sent.</param>
public sealed record ReadingsTaken(int Accepted, IReadOnlyList<ReadingRefused> Refused);
