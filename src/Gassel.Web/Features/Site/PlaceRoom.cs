using Gassel.Core.Climate;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data.People;
using Gassel.Data.Rows;
using Gassel.Data;
using Gassel.Web.Features.People;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Site;

/// <param name="AssumedC">Temperature assumed until something measures it, °C.</param>
/// <param name="Capacity">Bags, trays or containers that fit; null where nobody counted.</param>
/// <param name="Lamps">Their timer; null for none.</param>
public sealed record PlaceRoom(string Id, double AssumedC, int? Capacity, Lamps? Lamps = null);
