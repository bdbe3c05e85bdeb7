namespace Gassel.Web.Features.Closing;

/// <summary>Batches of a closed season to be planned again a year on.</summary>
/// <param name="Id">UUID of the new batch, made by the device.</param>
public sealed record AgainNextSeason(Guid From, Guid Id);
