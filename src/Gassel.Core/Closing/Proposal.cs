namespace Gassel.Core.Closing;

/// <param name="Words">What to change.</param>
/// <param name="Because">The numbers it rests on.</param>
public sealed record Proposal(ProposalKind Kind, Guid Batch, string Words, string Because);
