using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

/// <param name="Exposure">Open if left out.</param>
/// <param name="Longitude">Degrees, east positive; only to say how far the clock is from the sun.</param>
public sealed record ContainerSiteInput(double Latitude, Exposure? Exposure = null, double? Longitude = null);
