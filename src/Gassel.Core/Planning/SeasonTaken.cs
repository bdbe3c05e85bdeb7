namespace Gassel.Core.Planning;

/// <summary>Room that something takes whatever is planned.</summary>
/// <param name="To">The day it leaves, exclusive.</param>
public sealed record SeasonTaken(string Place, DateOnly From, DateOnly To, int Units);
