namespace Gassel.Data.Rows;

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
