using Gassel.Core.Treatments;

namespace Gassel.Core.Due;

/// <summary>A part that stands in a vessel with others.</summary>
/// <param name="Cells">Null for all of them.</param>
public sealed record TrayHolder(int Number, string Part, Species Species, string Label, IReadOnlyList<int>? Cells);
