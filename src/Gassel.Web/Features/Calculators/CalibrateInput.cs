using Gassel.Core.Record;

namespace Gassel.Web.Features.Calculators;

/// <param name="Readings">Of a thermometer in one container, in order.</param>
/// <param name="Spot">Where it lay; in the mix if left out.</param>
public sealed record CalibrateInput(IReadOnlyList<ReadingInput> Readings, ProbeSpot? Spot = null);
