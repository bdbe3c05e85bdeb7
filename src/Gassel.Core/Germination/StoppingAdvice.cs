namespace Gassel.Core.Germination;

/// <param name="CutTestFirst">A cut test on a few seeds is asked for before acting on the advice.</param>
public sealed record StoppingAdvice(AdviceKind Kind, bool CutTestFirst, Remaining? Remaining, IReadOnlyList<string> Working);
