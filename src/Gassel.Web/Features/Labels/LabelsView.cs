namespace Gassel.Web.Features.Labels;

/// <param name="Address">What the codes lead to: this installation's address.</param>
/// <param name="OnNetwork">False where only this machine finds it.</param>
public sealed record LabelsView(IReadOnlyList<PartLabel> Parts, IReadOnlyList<PaperView> Papers, string Address, bool OnNetwork);
