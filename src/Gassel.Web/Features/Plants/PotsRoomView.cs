using Gassel.Core.Growing;
using Gassel.Core.Planning;

namespace Gassel.Web.Features.Plants;

/// <param name="Room">Trays and ground that the pots take.</param>
/// <param name="Space">Whether they fit where plants are grown on, beside everything else that is planned; null where plants of the batch
/// do not stand indoors.</param>
/// <param name="Words">Both, in a sentence.</param>
public sealed record PotsRoomView(PotRoom Room, SpaceCheck? Space, string Words);
