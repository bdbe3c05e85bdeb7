namespace Gassel.Core.Germination;

/// <summary>Two arms against each other.</summary>
/// <param name="Difference">First less second.</param>
/// <param name="Low">Newcombe's hybrid score interval (Newcombe 1998, method 10), not adjusted for the number of pairs.</param>
/// <param name="FisherP">Two-sided Fisher exact.</param>
/// <param name="HolmP">The same adjusted over all pairs (Holm 1979).</param>
public sealed record ArmPair(string First, string Second, double Difference, double Low, double High, double FisherP, double HolmP);
