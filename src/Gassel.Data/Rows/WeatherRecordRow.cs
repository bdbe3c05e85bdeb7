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
