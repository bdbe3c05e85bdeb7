using Gassel.Core.Climate;

namespace Gassel.Web.Features.Learning;

/// <summary>How forecasts of frost did.</summary>
/// <param name="Inside">In containers; else at the site.</param>
/// <param name="Days">The newest last.</param>
public sealed record FrostsView(bool Inside, IReadOnlyList<FrostTold> Days, string Words, IReadOnlyList<string> Working);
