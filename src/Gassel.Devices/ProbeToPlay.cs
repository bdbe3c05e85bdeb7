using Gassel.Data.Rows;

namespace Gassel.Devices;

/// <summary>A thermometer to play.</summary>
/// <param name="Book">Address of the program that it sends to.</param>
/// <param name="Id">As the book knows it.</param>
/// <param name="Since">From when on it behaves so.</param>
/// <param name="AheadMs">So far the clock of the book goes ahead: a demo shows another season.</param>
/// <param name="Topic">Sends by MQTT on it, through the broker beside; null sends by HTTP.</param>
public sealed record ProbeToPlay(
    string Book,
    Guid Id,
    string Token,
    DeviceKind Kind,
    SimulatedBehaviour Behaviour,
    DateTimeOffset Since,
    double AheadMs = 0,
    string? Topic = null
);
