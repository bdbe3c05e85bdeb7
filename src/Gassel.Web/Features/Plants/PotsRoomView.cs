using Gassel.Web.Features.Book;
using Gassel.Core.Growing;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Data.People;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.People;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Plants;

/// <param name="Room">Trays and ground that the pots take.</param>
/// <param name="Space">Whether they fit where plants are grown on, beside everything else that is planned; null where plants of the batch do not stand indoors.</param>
/// <param name="Words">Both, in a sentence.</param>
public sealed record PotsRoomView(PotRoom Room, SpaceCheck? Space, string Words);
