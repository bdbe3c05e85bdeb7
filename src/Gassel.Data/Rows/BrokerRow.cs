namespace Gassel.Data.Rows;

/// <summary>The MQTT broker that thermometers send through; one a book.</summary>
public sealed class BrokerRow
{
    public int Id { get; set; }
    public required string Host { get; set; }
    public int Port { get; set; }
    public bool Tls { get; set; }

    /// <summary>Null where the broker wants no sign-in.</summary>
    public string? User { get; set; }

    /// <summary>Never sent to a screen.</summary>
    public string? Password { get; set; }
}
