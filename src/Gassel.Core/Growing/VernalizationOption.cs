namespace Gassel.Core.Growing;

/// <summary>One way, with its days.</summary>
/// <param name="IsPossible">It can still begin today.</param>
/// <param name="Record">Null without a weather record, or for seed alone.</param>
/// <param name="Risk">What it risks, in a grower's words.</param>
public sealed record VernalizationOption(
    VernalizationWay Way,
    IReadOnlyList<VernalizationSpell> Spells,
    bool IsPossible,
    VernalizationRecord? Record,
    string Risk
);
