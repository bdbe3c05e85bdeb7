using Gassel.Core.Climate;
using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Places;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.Plants;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Features.Trials;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Rounds;

/// <param name="Temperature">How warm it is there, and what is the matter.</param>
/// <param name="Lamps">When to look at the lamps; null where there are none, or nothing grows under them.</param>
public sealed record RoundsPlace(Place Place, PlaceTemperature Temperature, LampLook? Lamps, IReadOnlyList<StandingPart> Parts);
