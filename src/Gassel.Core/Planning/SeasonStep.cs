namespace Gassel.Core.Planning;

/// <summary>A stay of a wish at a place.</summary>
/// <param name="Place">Id of one of the season's places.</param>
/// <param name="Room">Units it takes on each of its days, at least 1.</param>
/// <param name="Days">At least 1; the next step begins on the day after the last of them.</param>
public sealed record SeasonStep(string Place, int Room, int Days);
