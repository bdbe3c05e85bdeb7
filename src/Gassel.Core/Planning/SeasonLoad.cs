namespace Gassel.Core.Planning;

/// <summary>Units taken at a place on a day.</summary>
public sealed record SeasonLoad(string Place, DateOnly Date, int Used);
