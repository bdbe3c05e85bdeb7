using System.Net;
using Gassel.Data;

namespace Gassel.Devices;

/// <summary>
/// Stand-ins for what stands outside of Gassel: a weather service that is asked, and thermometers that send. All they say is made up.
/// </summary>
public static class StandIns
{
    /// <param name="port">On this machine alone; 0 lets the system choose.</param>
    /// <param name="withBroker">True to run an MQTT broker beside, for the thermometers that send so.</param>
    public static WebApplication Build(int port, bool withBroker = false)
    {
        var builder = WebApplication.CreateSlimBuilder();
        builder.Logging.SetMinimumLevel(LogLevel.Warning);
        builder.WebHost.ConfigureKestrel(kestrel => kestrel.Listen(IPAddress.Loopback, port));
        builder.Services.ConfigureHttpJsonOptions(o => CoreJson.Strict(o.SerializerOptions));
        builder.Services.AddSingleton<Probes>();
        builder.Services.AddHostedService(provider => provider.GetRequiredService<Probes>());
        builder.Services.AddSingleton(new Broker(withBroker));
        builder.Services.AddHostedService(provider => provider.GetRequiredService<Broker>());
        var app = builder.Build();
        app.MapGet("/", (Broker broker) => new StandInsView(broker.Port));
        app.MapGet("/forecast", WeatherAnswers.Tell);
        app.MapPost("/probes", (IReadOnlyList<ProbeToPlay> probes, Probes playing, CancellationToken cancel) =>
            playing.Play(probes, cancel)
        );
        app.MapPost("/probes/walk", (ProbeWalk walk, Probes playing, CancellationToken cancel) => playing.Walk(walk, cancel));
        return app;
    }
}
