namespace Gassel.Core.Germination;

/// <summary>An arm with its Wilson interval.</summary>
public sealed record ArmResult(string Name, int Emerged, int Sown, double Fraction, double Low, double High);
