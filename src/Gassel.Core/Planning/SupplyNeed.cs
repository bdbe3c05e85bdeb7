using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>Something planned that has not begun.</summary>
/// <param name="Name">As in W-3 or B-12.</param>
/// <param name="LiesMoist">Its seed lies in a bag before it is sown.</param>
/// <param name="Containers">Winter containers over which its seed is spread.</param>
/// <param name="SeedsLacking">That no lot gives yet.</param>
public sealed record SupplyNeed(
    string Name,
    string CommonName,
    RouteSetting Setting,
    bool LiesMoist,
    int Seeds,
    int Plants,
    int Containers,
    int SeedsLacking
)
{
    /// <summary>Of a route: what is known before it begins.</summary>
    public static SupplyNeed Of(string name, string commonName, Route route, int seeds, int plants, int containers, int lacking) =>
        new(
            name,
            commonName,
            route.Setting,
            !route.IsOutdoors && route.Treatment.Any(s => s.Kind.IsMoistHold() && !s.Optional),
            seeds,
            plants,
            containers,
            lacking
        );
}
