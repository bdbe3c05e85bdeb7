using Gassel.Data;
using Gassel.Web.Hosting;
using Microsoft.AspNetCore.Connections;

if (CopyCommands.Run(args, DateTimeOffset.UtcNow) is { } done) return done;
var (launch, fault) = Launch.Read(args);
if (launch is null)
{
    Console.Error.WriteLine($"gassel: {fault}");
    return 2;
}

await using var app = GasselHost.Build(launch, TimeProvider.System);
try
{
    await app.StartAsync();
}
catch (BookUnavailableException unavailable)
{
    Console.Error.WriteLine($"gassel: {unavailable.Message}");
    return 3;
}
catch (IOException taken) when (taken.InnerException is AddressInUseException)
{
    Console.Error.WriteLine($"gassel: port {launch.Port} is taken. Choose another with --port N, or close what uses it.");
    return 4;
}
if (!Launch.IsDescribing) Console.WriteLine($"Gassel is ready at {app.Urls.First().Replace("127.0.0.1", "localhost", StringComparison.Ordinal)}");
await app.WaitForShutdownAsync();
return 0;
