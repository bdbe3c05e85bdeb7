namespace Gassel.Core.Planning;

/// <summary>A thing to have at hand before the winter begins.</summary>
/// <param name="What">As in trays of 72 cells.</param>
/// <param name="Amount">How many or how much, with its unit where it has one.</param>
/// <param name="Working">For whom, and by which rule.</param>
public sealed record SupplyLine(string What, string Amount, IReadOnlyList<string> Working);
