namespace Gassel.Core.Planning;

/// <summary>A place of a season.</summary>
/// <param name="Room">Units that fit at once, 0 or more.</param>
public sealed record SeasonPlace(string Id, int Room);
