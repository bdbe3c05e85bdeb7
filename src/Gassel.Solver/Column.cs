namespace Gassel.Solver;

/// <summary>A wish that starts on a day.</summary>
/// <param name="Day">From day 0 of the season.</param>
internal readonly record struct Column(int Wish, int Day, long Cost);
