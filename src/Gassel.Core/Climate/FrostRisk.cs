namespace Gassel.Core.Climate;

public sealed record FrostRisk(IReadOnlyList<FrostShare> LastSpringAfter, IReadOnlyList<FrostShare> FirstAutumnBefore);
