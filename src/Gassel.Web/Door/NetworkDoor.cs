using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Server.Kestrel.Https;

namespace Gassel.Web.Door;

/// <summary>
/// The door from the local network into the book: shut, or open over TLS on a port of its own. It is a source of configuration that
/// Kestrel and host filtering follow, so that it opens and shuts while the program runs. This machine's own door is another and stays as it
/// is.
/// </summary>
public sealed class NetworkDoor : ConfigurationProvider, IConfigurationSource, IDisposable
{
    internal const string Endpoint = "Network";
    private const string ThisMachine = "localhost;127.0.0.1;[::1]";
    private static readonly TimeSpan RenewAfter = TimeSpan.FromDays(30);

    private readonly Lock _turn = new();
    private readonly Launch _launch;
    private readonly TimeProvider _clock;
    private readonly ServerCertificate? _own;
    private Authority? _authority;
    private ServerCertificate? _certificate;
    private DateTimeOffset _issued;

    internal NetworkDoor(Launch launch, TimeProvider clock, ServerCertificate? own)
    {
        (_launch, _clock, _own) = (launch, clock, own);
        Port = launch.NetworkPort;
        Set("AllowedHosts", ThisMachine);
        NetworkChange.NetworkAddressChanged += Moved;
    }

    /// <summary>
    /// True while the book can be reached from the network; then nobody is in without signing in, on this machine neither.
    /// </summary>
    public bool IsOpen { get; private set; }

    /// <summary>True where the program was started with it open, so that it cannot be shut from within.</summary>
    public bool IsHeldOpen => _launch.Lan;

    public int Port { get; private set; }

    /// <summary>Where a device on the network finds the book, the shortest first; empty while the door is shut.</summary>
    public IReadOnlyList<string> Addresses => IsOpen ? [.. (_certificate?.Hosts ?? []).Select(host => $"https://{host}:{Port}")] : [];

    /// <summary>The book's own authority; null while the door is shut or a certificate of the owner's is used.</summary>
    internal Authority? Authority => IsOpen ? _authority : null;

    public IConfigurationProvider Build(IConfigurationBuilder builder) => this;

    /// <summary>Opens the door. Where it cannot be opened, says why and leaves it shut.</summary>
    public string? Open()
    {
        lock (_turn)
        {
            if (IsOpen)
                return null;
            if (FreePort(Port) is not { } free)
                return $"Port {Port} is taken. Choose another with --network-port N, or close what uses it.";
            Port = free;
            IsOpen = true;
            Renew();
            Publish();
            return null;
        }
    }

    public void Shut()
    {
        lock (_turn)
        {
            IsOpen = false;
            Publish();
        }
    }

    public void Dispose() => NetworkChange.NetworkAddressChanged -= Moved;

    /// <summary>Gives each handshake the certificate of the day.</summary>
    internal void Follow(HttpsConnectionAdapterOptions https)
    {
        https.ServerCertificateSelector = (_, _) => null;
        https.OnAuthenticate = (_, tls) =>
        {
            lock (_turn)
            {
                if (_clock.GetUtcNow() - _issued > RenewAfter)
                    Renew();
                tls.ServerCertificateSelectionCallback = null;
                tls.ServerCertificateContext = _certificate!.Context;
            }
        };
    }

    private void Moved(object? sender, EventArgs moved)
    {
        lock (_turn)
        {
            if (!IsOpen)
                return;
            Renew();
            Publish();
        }
    }

    private void Renew()
    {
        _issued = _clock.GetUtcNow();
        if (_own is not null)
        {
            _certificate = _own;
            return;
        }
        _authority ??= Authority.In(PrivateFiles.NetworkFolder(_launch.DataFolder).FullName, _issued);
        _certificate = ServerCertificate.By(_authority, LocalAddresses.Reachable(), _issued);
    }

    private void Publish()
    {
        Set("AllowedHosts", IsOpen ? string.Join(';', [ThisMachine, .. _certificate!.Hosts]) : ThisMachine);
        var url = $"Kestrel:Endpoints:{Endpoint}:Url";
        if (IsOpen)
            Set(url, $"https://*:{Port}");
        else
            Data.Remove(url);
        OnReload();
    }

    /// <summary>The port if nobody listens on it, any free one for 0, null where it is taken.</summary>
    private static int? FreePort(int port)
    {
        try
        {
            using var probe = new TcpListener(IPAddress.Any, port);
            probe.Start();
            return ((IPEndPoint)probe.LocalEndpoint).Port;
        }
        catch (SocketException)
        {
            return null;
        }
    }
}
