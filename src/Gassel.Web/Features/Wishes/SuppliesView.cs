using Gassel.Core.Planning;

namespace Gassel.Web.Features.Wishes;

/// <summary>What the winter takes, from wishes and from batches that have not begun.</summary>
public sealed record SuppliesView(IReadOnlyList<SupplyLine> Lines);
