namespace Gassel.Core.Planning;

/// <summary>Room taken at a kind of place from a day to the day it changes, exclusive.</summary>
public readonly record struct SpaceStretch(DateOnly From, DateOnly To, int Taken);
