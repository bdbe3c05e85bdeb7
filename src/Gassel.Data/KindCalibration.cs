using Gassel.Core.Record;
using Gassel.Core.Yard;

namespace Gassel.Data;

/// <summary>Wall and sun of a kind of container as fitted to a thermometer in one of them here.</summary>
/// <param name="Readings">Hours that it was fitted to.</param>
/// <param name="Ends">Between which both lie, nine times in ten; null for a fit of a program that did not tell them.</param>
public sealed record KindCalibration(
    ContainerPreset Kind,
    double UWallWm2K,
    double Transmittance,
    double RmsK,
    int Readings,
    DateOnly On,
    FittedWall? Ends = null
);
