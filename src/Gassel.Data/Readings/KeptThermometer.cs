namespace Gassel.Data.Readings;

/// <summary>A thermometer that sends, as a request or a message finds it.</summary>
public sealed record KeptThermometer
{
    public required Guid Id { get; init; }
    public required int Series { get; init; }
    public required string PlaceId { get; init; }
    public required string TokenHash { get; init; }

    /// <summary>False once it was taken off: it may send no more.</summary>
    public required bool Attached { get; init; }

    /// <summary>Heard on it; null where it sends by HTTP alone.</summary>
    public string? Topic { get; init; }

    /// <summary>JSONPath of the temperature in a message; null for a plain number.</summary>
    public string? TempPath { get; init; }
    public bool Fahrenheit { get; init; }
}
