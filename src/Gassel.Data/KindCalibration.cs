using Gassel.Core.Record;

namespace Gassel.Data;

/// <summary>Wall and sun of a kind of container as fitted to a thermometer in one of them here.</summary>
/// <param name="Readings">Hours that it was fitted to.</param>
public sealed record KindCalibration(ContainerPreset Kind, double UWallWm2K, double Transmittance, double RmsK, int Readings, DateOnly On);
