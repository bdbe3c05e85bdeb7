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
}

/// <summary>The clock of a demo book: what it showed when it was wound. A real book has none.</summary>
public sealed class DemoClockRow
{
    public int Id { get; set; } = 1;

    /// <summary>Unix milliseconds of the real clock.</summary>
    public long WoundAt { get; set; }

    /// <summary>Unix milliseconds shown at that moment.</summary>
    public long Showed { get; set; }
}
