using Gassel.Web.Features.Plan;

namespace Gassel.Web.Features.Closing;

/// <param name="Made">The new batches, in the order asked for.</param>
/// <param name="Refused">Why one could not be planned again.</param>
public sealed record NextSeason(IReadOnlyList<ConfirmedBatch> Made, IReadOnlyList<string> Refused);
