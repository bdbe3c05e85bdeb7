namespace Gassel.Core.Seed;

/// <summary>A germination test: seed put up, seed that came up.</summary>
/// <param name="On">Day of its last count; null where nobody noted it.</param>
/// <param name="Given">Dormancy-breaking steps that the seed had before, in order, empty for none; null where it was told only as "with the
/// route's treatment".</param>
public sealed record GerminationTest(int Germinated, int Seeds, DateOnly? On = null, IReadOnlyList<GivenStep>? Given = null);
