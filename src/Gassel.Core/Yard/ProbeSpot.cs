using System.Globalization;
using MathNet.Numerics.LinearAlgebra;
using MathNet.Numerics.Optimization;

namespace Gassel.Core.Yard;

/// <summary>Where the thermometer lay.</summary>
public enum ProbeSpot
{
    Medium,
    Air,
}
