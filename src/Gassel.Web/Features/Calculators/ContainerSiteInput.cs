using Gassel.Core.Record;

namespace Gassel.Web.Features.Calculators;

/// <param name="Exposure">Open if left out.</param>
/// <param name="Longitude">Degrees, east positive; only to say how far the clock is from the sun.</param>
public sealed record ContainerSiteInput(double Latitude, Exposure? Exposure = null, double? Longitude = null);
