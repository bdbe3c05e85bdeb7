using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>What may go wrong along a route, in words. Common practice, no source.</summary>
public static class RouteRisk
{
    /// <param name="frost">What the days of the plan mean beside the frosts on record; may be empty.</param>
    public static IReadOnlyList<string> Of(Route route, Species species, IReadOnlyList<string> frost) =>
        [
            route.Setting switch
            {
                RouteSetting.WinterContainer =>
                    "Hands-off: a warm week may bring seedlings up before a hard freeze; containers dry, flood or blow over.",
                RouteSetting.AutumnBed => "Hands-off: mice, birds and heaving; what comes up is hard to count.",
                _ when species.Has(SpeciesFlag.GerminatesInCold) => "Under control; sprouts in the bag if looked at too seldom.",
                _ => "Under control: dates and temperatures are yours.",
            },
            .. frost,
        ];
}
