namespace Gassel.Data.Rows;

/// <summary>A thermometer that sends its readings.</summary>
public sealed class ThermometerRow
{
    public Guid Id { get; set; }

    /// <summary>Its readings; name and place stand there.</summary>
    public int SeriesId { get; set; }

    /// <summary>SHA-256 of its token; the token itself is shown once and kept nowhere.</summary>
    public required string TokenHash { get; set; }

    /// <summary>Heard on this topic of the MQTT broker; null where it sends by HTTP alone.</summary>
    public string? Topic { get; set; }

    /// <summary>JSONPath of the temperature in a message; null where the message is a plain number.</summary>
    public string? TempPath { get; set; }
    public bool Fahrenheit { get; set; }
}
