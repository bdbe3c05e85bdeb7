using Gassel.Core.Seed;

namespace Gassel.Core.Tests.Seed;

/// <summary>Distances by the mean radius of the Earth, 6371.0088 km (IUGG): a degree of a great circle is 111.195 km.</summary>
public sealed class ProvenanceTests
{
    private static readonly SitePosition Site = new(46, -114, 1000);

    private static Provenance? From(double latitude, double longitude, double? elevationM) =>
        Provenance.Of(new("slope", new(2026, 7, 1), 100, Latitude: latitude, Longitude: longitude, ElevationM: elevationM), Site);

    private static string Words(double latitude, double longitude, double? elevationM) =>
        Speaker.Plain.Say(From(latitude, longitude, elevationM)!.Words);

    [Fact]
    public void A_degree_of_latitude_is_111_km_and_four_days_of_spring()
    {
        Assert.StartsWith("Gathered 111 km from the site, at about its height.", Words(47, -114, 1000), StringComparison.Ordinal);
        Assert.Contains("at about the same time", Words(47, -114, 1000), StringComparison.Ordinal);
        Assert.Contains("about 8 days later", Words(48, -114, 1000), StringComparison.Ordinal);
        Assert.Contains("about 8 days earlier", Words(44, -114, 1000), StringComparison.Ordinal);
    }

    /// <summary>Hopkins' rule: 400 feet of height are four days, as a degree of latitude is.</summary>
    [Fact]
    public void Height_delays_spring_by_four_days_in_400_feet()
    {
        Assert.Contains("12 days later", Words(46, -114, 1000 + 3 * 121.92), StringComparison.Ordinal);
        Assert.Contains("366 m higher", Words(46, -114, 1000 + 3 * 121.92), StringComparison.Ordinal);
        Assert.Contains("20 days earlier", Words(46, -114, 400), StringComparison.Ordinal);
    }

    [Fact]
    public void What_is_not_known_is_said_or_nothing_is()
    {
        Assert.Contains("Height is not entered", From(47, -114, null)!.Why, StringComparison.Ordinal);
        Assert.Null(Provenance.Of(new("slope", new(2026, 7, 1), 100), Site));
        Assert.Null(Provenance.Of(new("slope", new(2026, 7, 1), 100, Latitude: 46, Longitude: -114), Site with { Longitude = null }));
    }

    [Fact]
    public void Miles_and_feet_where_they_are_chosen()
    {
        var words = From(47, -114, 1500)!.Words;
        Assert.Contains("69 miles from the site, 1640 ft higher", new Speaker(Units.UnitedStates).Say(words), StringComparison.Ordinal);
    }
}
