using System.Diagnostics;
using Gassel.Web.Runtime;

namespace Gassel.Web.Hosting;

/// <summary>
/// A demo in the same process, on a port of its own and in a folder inside the book's. It is named by number where the book is named
/// "localhost", so that a browser keeps what it knows of the two apart. It ends with the program.
/// </summary>
internal sealed class DemoBeside(Launch launch, Shipped shipped, Func<string> home) : IDemoBeside, IAsyncDisposable
{
    private readonly SemaphoreSlim _oneAtATime = new(1, 1);
    private WebApplication? _demo;
    private Process? _devices;

    public async Task<Uri> Open(CancellationToken cancel)
    {
        await _oneAtATime.WaitAsync(cancel);
        try
        {
            _demo ??= await Start();
            return new(_demo.Urls.First());
        }
        finally
        {
            _oneAtATime.Release();
        }
    }

    private async Task<WebApplication> Start()
    {
        var devices = shipped.Devices is { } inside ? await inside() : await DevicesBeside();
        var folder = Path.Combine(launch.DataFolder, "demo");
        var demo = GasselHost.Build(
            new(0, folder, Demo: true, Devices: devices) { Home = new Uri(home()) },
            TimeProvider.System,
            shipped with
            {
                Devices = null,
            }
        );
        await demo.StartAsync();
        await DemoDevices.Plug(demo.Services, demo.Urls.First());
        return demo;
    }

    /// <summary>As a program of its own, which ends with this one; none where it was not built.</summary>
    private async Task<Uri?> DevicesBeside()
    {
        var program = Path.Combine(AppContext.BaseDirectory, "Gassel.Devices.dll");
        if (!File.Exists(program))
            return null;
        _devices = Process.Start(
            new ProcessStartInfo("dotnet", [program, "--port", "0", "--mqtt", "--until-stdin-ends"])
            {
                RedirectStandardInput = true,
                RedirectStandardOutput = true,
            }
        )!;
        return await _devices.StandardOutput.ReadLineAsync() is { } said ? new Uri(said.Split(' ')[^1]) : null;
    }

    public async ValueTask DisposeAsync()
    {
        if (_demo is not null)
            await _demo.DisposeAsync();
        // with its input it ends
        _devices?.StandardInput.Close();
        _devices?.Dispose();
        _oneAtATime.Dispose();
    }
}
