namespace Gassel.Data.Rows;

/// <summary>Daily weather of a place, from a file or generated.</summary>
public sealed class WeatherRecordRow
{
    public int Id { get; set; }
    public required string Name { get; set; }

    /// <summary>True where a generator made it up.</summary>
    public bool Generated { get; set; }

    /// <summary>Unix milliseconds.</summary>
    public long AddedAt { get; set; }

    /// <summary>False while its days are still coming in; readers look past it until then.</summary>
    public bool Whole { get; set; } = true;
}

/// <summary>One day of a record, °C; null where missing.</summary>
public sealed class WeatherDayRow
{
    public int RecordId { get; set; }
    public DateOnly Day { get; set; }
    public double? MinC { get; set; }
    public double? MaxC { get; set; }

    /// <summary>Depth of the snow, cm; null where nobody measured it.</summary>
    public double? SnowCm { get; set; }
}
