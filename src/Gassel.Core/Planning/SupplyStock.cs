namespace Gassel.Core.Planning;

/// <summary>What a grower has of a thing, and what one more costs.</summary>
/// <param name="OnHand">Pieces, or litres of a part of a mix; 0 or more.</param>
/// <param name="PriceEach">Of a piece or a litre, in the grower's own money; null where nobody entered it.</param>
public sealed record SupplyStock(double OnHand = 0, double? PriceEach = null)
{
    public static SupplyStock None { get; } = new();
}
