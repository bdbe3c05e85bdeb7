using Gassel.Core.Climate;

namespace Gassel.Web.Features.Yard;

/// <param name="Outlook">From a week ago to the end of the outlook.</param>
/// <param name="Working">What the weather rests on.</param>
public sealed record YardView(
    DateTimeOffset Now,
    DateOnly Today,
    IReadOnlyList<YardSpot> Spots,
    IReadOnlyList<YardAlert> Alerts,
    IReadOnlyList<YardDay> Outlook,
    IReadOnlyList<ToSetOut> ToSetOut,
    IReadOnlyList<string> Working
);
