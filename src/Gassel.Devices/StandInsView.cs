namespace Gassel.Devices;

/// <param name="BrokerPort">Of the MQTT broker on this machine; null without one.</param>
public sealed record StandInsView(int? BrokerPort);
