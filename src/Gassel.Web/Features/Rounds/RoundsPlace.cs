using Gassel.Core.Growing;
using Gassel.Core.Record;
using Gassel.Web.Features.Temperature;

namespace Gassel.Web.Features.Rounds;

/// <param name="Temperature">How warm it is there, and what is the matter.</param>
/// <param name="Lamps">When to look at the lamps; null where there are none, or nothing grows under them.</param>
public sealed record RoundsPlace(Place Place, PlaceTemperature Temperature, LampLook? Lamps, IReadOnlyList<StandingPart> Parts);
