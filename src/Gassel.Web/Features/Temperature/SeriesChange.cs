using Gassel.Data.Rows;

namespace Gassel.Web.Features.Temperature;

/// <summary>What is to change of a series; null leaves it.</summary>
/// <param name="Attached">False to ask the probe no more; its readings stay.</param>
/// <param name="Aside">True to keep it and not to use it.</param>
/// <param name="Behaviour">How a simulated device is to behave from now on.</param>
public sealed record SeriesChange(bool? Attached = null, bool? Aside = null, SimulatedBehaviour? Behaviour = null);
