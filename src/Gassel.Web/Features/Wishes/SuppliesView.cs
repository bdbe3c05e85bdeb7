using Gassel.Core;
using Gassel.Core.Planning;

namespace Gassel.Web.Features.Wishes;

/// <summary>What the winter takes, from wishes and from batches that have not begun.</summary>
/// <param name="Rooms">The fullest days under lamps and on mats, with wishes on their best day.</param>
public sealed record SuppliesView(IReadOnlyList<SupplyLine> Lines, IReadOnlyList<PlacePeak> Rooms)
{
    /// <summary>What is to get costs, as far as prices are known; null where none is.</summary>
    public double? Cost => Lines.Any(l => l.Cost is not null) ? Lines.Sum(l => l.Cost ?? 0) : null;

    /// <summary>What that leaves out.</summary>
    public string? Unpriced =>
        Lines.Count(l => l is { Cost: null, ToGet: > 0 }) is > 0 and var many
            ? Text.Of($"{many} {(many == 1 ? "thing has" : "things have")} no price, and {(many == 1 ? "is" : "are")} not in it.")
            : null;
}
