namespace Gassel.Core.Seed;

/// <summary>
/// How the place where seed was gathered differs from the site: a reason to expect plants to stand its winters better or worse, never a
/// ban.
/// </summary>
/// <param name="Why">The rule it goes by, and what was left out.</param>
public sealed record Provenance(string Words, string Why)
{
    /// <summary>
    /// Spring comes four days later for each degree of latitude towards the pole and each 400 feet of height (Hopkins, A. D. 1918,
    /// Periodical events and natural law as guides to agricultural research and practice, Monthly Weather Review, Supplement 9; recalled
    /// from memory). His third term, for longitude, holds for North America alone and is left out.
    /// </summary>
    private const double DaysADegree = 4;
    private const double DaysAMetre = 4 / (400 * 0.3048);

    /// <summary>Springs this near each other are told as alike, days (our assumption).</summary>
    private const int Alike = 4;

    /// <summary>Places this near each other are told as here, km (our assumption).</summary>
    private const double Near = 10;

    private const double EarthRadiusKm = 6371.0088;

    /// <summary>Null where the lot or the site lacks its position.</summary>
    public static Provenance? Of(SeedLot lot, SitePosition site)
    {
        if (lot is not { Latitude: { } latitude, Longitude: { } longitude } || site.Longitude is not { } siteLongitude)
            return null;
        var km = Km(latitude, longitude, site.Latitude, siteLongitude);
        var rise = lot.ElevationM - site.ElevationM;
        var far = km < Near ? $"Gathered within {Quantity.Distance(Near)} of the site" : $"Gathered {Quantity.Distance(km)} from the site";
        var height = rise switch
        {
            null => "",
            >= 50 => $", {Quantity.Elevation(rise.Value)} higher",
            <= -50 => $", {Quantity.Elevation(-rise.Value)} lower",
            _ => ", at about its height",
        };
        var days = (int)
            Math.Round(
                DaysADegree * (Math.Abs(latitude) - Math.Abs(site.Latitude)) + DaysAMetre * (rise ?? 0),
                MidpointRounding.AwayFromZero
            );
        return new(
            $"{far}{height}. {Expect(days)}",
            $"Spring comes four days later for each degree of latitude towards the pole and each {RuleOfThumb.HopkinsHeight} of height "
                + $"(Hopkins 1918, from memory).{(rise is null ? " Height is not entered for both, so it is not counted." : "")}"
        );
    }

    private static string Expect(int days) =>
        Math.Abs(days) <= Alike ? "Spring comes at about the same time there: its plants should be at home here."
        : days > 0
            ? Text.Of($"Spring comes about {days} days later there: its plants should stand the winter here, and may start too early.")
        : Text.Of($"Spring comes about {-days} days earlier there: some of its plants may not stand the winter here.");

    /// <summary>Along a great circle (haversine).</summary>
    private static double Km(double latitude, double longitude, double toLatitude, double toLongitude)
    {
        double Rad(double degrees) => degrees * Math.PI / 180;
        var (dLat, dLon) = (Rad(toLatitude - latitude), Rad(toLongitude - longitude));
        var a = Math.Pow(Math.Sin(dLat / 2), 2) + Math.Cos(Rad(latitude)) * Math.Cos(Rad(toLatitude)) * Math.Pow(Math.Sin(dLon / 2), 2);
        return 2 * EarthRadiusKm * Math.Asin(Math.Min(1, Math.Sqrt(a)));
    }
}
