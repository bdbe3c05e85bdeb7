using Gassel.Web.Hosting;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Builder;

namespace Gassel.Browser.Tests;

/// <summary>
/// The program inside the process of the tests, with the built pages. What a start compiles and what a first request makes ready is then
/// paid once for all tests. How the console starts and ends it is seen by the tests that run it as a process.
/// </summary>
internal sealed class ProgramBeside : IDisposable
{
    private readonly WebApplication _app;

    static ProgramBeside()
    {
        var pages = Path.Combine(AppContext.BaseDirectory, "wwwroot");
        if (Directory.Exists(pages))
            Directory.Delete(pages);
        Directory.CreateSymbolicLink(pages, Path.Combine(RunningProgram.Build, "wwwroot"));
    }

    public ProgramBeside(Launch launch)
    {
        _app = GasselHost.Build(launch, TimeProvider.System);
        _app.StartAsync().GetAwaiter().GetResult();
        Address = new Uri(_app.Urls.First().Replace("127.0.0.1", "localhost", StringComparison.Ordinal));
        if (DemoDevices.Plug(_app.Services, Address.ToString()).GetAwaiter().GetResult() is { } unplugged)
            throw new InvalidOperationException(unplugged);
    }

    public Uri Address { get; }

    /// <summary>Ends at once, whoever still listens to it.</summary>
    public void Dispose()
    {
        _app.StopAsync(new CancellationToken(canceled: true)).GetAwaiter().GetResult();
        ((IDisposable)_app).Dispose();
    }
}
