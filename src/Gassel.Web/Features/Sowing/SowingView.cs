using Gassel.Core.Due;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Sowing;

/// <param name="Trays">Those that may be shared.</param>
/// <param name="UsualPlace">Where the plan means it to stand, or where it usually does.</param>
public sealed record SowingView(
    SowingAdvice Advice,
    IReadOnlyList<OpenTray> Trays,
    IReadOnlyList<SowingPlace> Places,
    string? UsualPlace,
    IReadOnlyList<Caution> Cautions
);
