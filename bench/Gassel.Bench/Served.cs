using System.Diagnostics;
using System.Net;
using System.Net.Sockets;

namespace Gassel.Bench;

/// <summary>A program under measurement, answering on a port of its own.</summary>
internal sealed class Served : IDisposable
{
    private readonly Process _process;

    private Served(Process process, HttpClient http, TimeSpan start) => (_process, Http, Start) = (process, http, start);

    public HttpClient Http { get; }

    /// <summary>From starting the process to the first answered request.</summary>
    public TimeSpan Start { get; }

    public static async Task<Served> Launch(string firstRequest, Func<int, IEnumerable<string>> arguments)
    {
        var port = FreePort();
        var http = new HttpClient(new SocketsHttpHandler { MaxConnectionsPerServer = 64 })
        {
            BaseAddress = new Uri($"http://127.0.0.1:{port}"),
        };
        var clock = Stopwatch.StartNew();
        var process = Process.Start(new ProcessStartInfo("dotnet", arguments(port)) { RedirectStandardOutput = true })!;
        while (true)
        {
            try
            {
                (await http.GetAsync(firstRequest)).EnsureSuccessStatusCode();
                return new(process, http, clock.Elapsed);
            }
            catch (HttpRequestException) when (!process.HasExited)
            {
                await Task.Delay(2);
            }
        }
    }

    public void Dispose()
    {
        Http.Dispose();
        _process.Kill();
        _process.WaitForExit();
        _process.Dispose();
    }

    private static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }
}
