namespace Gassel.Core.Planning;

/// <summary>A place that is full for a while, and who waits for it.</summary>
/// <param name="To">Its last day.</param>
/// <param name="Lacking">Units that would have to be more, on its worst day, for all of them to start on their best day.</param>
/// <param name="Wishes">Ids of those that would stand there then, had they started on their best day, and do not.</param>
public sealed record SeasonBinding(string Place, DateOnly From, DateOnly To, int Lacking, IReadOnlyList<string> Wishes);
