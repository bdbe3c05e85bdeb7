using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

/// <param name="Readings">Of a thermometer in one container, in order.</param>
/// <param name="Spot">Where it lay; in the mix if left out.</param>
public sealed record CalibrateInput(IReadOnlyList<ReadingInput> Readings, ProbeSpot? Spot = null);
