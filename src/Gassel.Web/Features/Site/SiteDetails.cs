using Gassel.Data;

namespace Gassel.Web.Features.Site;

/// <param name="Latitude">Degrees, north positive.</param>
/// <param name="TimeZone">IANA name.</param>
/// <param name="LastFrost">Month and day of the usual last frost by hand, <c>MM-dd</c>.</param>
/// <param name="WeatherRecordId">The record that frost is reckoned from; null for none.</param>
/// <param name="Settings">Left as they are if left out.</param>
public sealed record SiteDetails(
    string Name,
    double Latitude,
    string TimeZone,
    string LastFrost,
    int? WeatherRecordId = null,
    SiteSettings? Settings = null
);
