namespace Gassel.Web.Features.Closing;

public sealed record NextSeasonRequest(string Who, IReadOnlyList<AgainNextSeason> Batches);
