namespace Gassel.Data.Rows;

/// <summary>The one site of a book.</summary>
public sealed class SiteRow
{
    public const int OnlyId = 1;

    public int Id { get; set; } = OnlyId;
    public required string Name { get; set; }

    /// <summary>Degrees, north positive.</summary>
    public double Latitude { get; set; }

    /// <summary>IANA name.</summary>
    public required string TimeZone { get; set; }

    /// <summary>Month and day of the usual last frost, <c>MM-dd</c>.</summary>
    public required string LastFrost { get; set; }

    /// <summary>The weather record that frost is reckoned from; null while there is none.</summary>
    public int? WeatherRecordId { get; set; }

    /// <summary>Secret part of the calendar feed's address; null while there is no feed.</summary>
    public string? CalendarToken { get; set; }

    /// <summary>True where the book is opened to the local network at every start.</summary>
    public bool OpenToNetwork { get; set; }

    /// <summary><see cref="SiteSettings"/> as JSON; null where none was ever saved.</summary>
    public string? Settings { get; set; }

    /// <summary>Unix milliseconds of the real clock when a demo book's clock was wound; null in a real book.</summary>
    public long? DemoWoundAt { get; set; }

    /// <summary>Unix milliseconds that a demo book's clock showed at that moment; null in a real book.</summary>
    public long? DemoShowed { get; set; }
}
