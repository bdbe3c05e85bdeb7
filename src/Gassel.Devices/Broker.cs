using System.Net;
using System.Net.Sockets;
using MQTTnet;
using MQTTnet.Server;

namespace Gassel.Devices;

/// <summary>An MQTT broker on this machine alone, for the stand-ins that send so.</summary>
/// <param name="wanted">False for none.</param>
public sealed class Broker(bool wanted) : IHostedService, IDisposable
{
    private MqttServer? _server;

    /// <summary>Null without a broker.</summary>
    public int? Port { get; private set; }

    public async Task StartAsync(CancellationToken cancellationToken)
    {
        if (!wanted)
            return;
        Port = FreePort();
        _server = new MqttServerFactory().CreateMqttServer(
            new MqttServerOptionsBuilder()
                .WithDefaultEndpoint()
                .WithDefaultEndpointBoundIPAddress(IPAddress.Loopback)
                .WithDefaultEndpointPort(Port.Value)
                .Build()
        );
        await _server.StartAsync();
    }

    public async Task StopAsync(CancellationToken cancellationToken)
    {
        if (_server is not null)
            await _server.StopAsync();
    }

    public async Task Publish(string topic, string payload, CancellationToken cancel)
    {
        if (_server is not null)
            await _server.InjectApplicationMessage(
                new InjectedMqttApplicationMessage(new MqttApplicationMessageBuilder().WithTopic(topic).WithPayload(payload).Build())
                {
                    SenderClientId = "made-up-devices",
                },
                cancel
            );
    }

    public void Dispose() => _server?.Dispose();

    private static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }
}
