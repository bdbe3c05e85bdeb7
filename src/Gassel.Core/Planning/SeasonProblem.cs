namespace Gassel.Core.Planning;

/// <summary>Many wishes and one set of shelves.</summary>
/// <param name="Taken">What stands there anyway: nothing moves it.</param>
public sealed record SeasonProblem(IReadOnlyList<SeasonPlace> Places, IReadOnlyList<SeasonWish> Wishes, IReadOnlyList<SeasonTaken> Taken);
