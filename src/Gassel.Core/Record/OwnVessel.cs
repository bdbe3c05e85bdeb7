namespace Gassel.Core.Record;

/// <summary>A vessel that is none of the kinds with numbers.</summary>
/// <param name="Transmittance">Share of the sun that its wall lets in, 0 for an opaque one.</param>
public sealed record OwnVessel(double Litres, double HeightCm, double Transmittance);
