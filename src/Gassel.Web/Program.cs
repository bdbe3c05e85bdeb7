using Gassel.Data;
using Gassel.Web.Hosting;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Connections;

if (CopyCommands.Run(args, DateTimeOffset.UtcNow) is { } done)
    return done;
if (await PackageCommands.Run(args, DateTimeOffset.UtcNow) is { } moved)
    return moved;
var (launch, fault) = Launch.Read(args);
if (launch is null)
{
    Console.Error.WriteLine($"gassel: {fault}");
    return 2;
}

WebApplication app;
try
{
    app = GasselHost.Build(launch, TimeProvider.System);
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
if (!Launch.IsDescribing)
{
    var thisMachine = app.Urls.First(url => url.StartsWith("http:", StringComparison.Ordinal));
    if (await DemoDevices.Plug(app.Services, thisMachine) is { } unplugged)
        Console.Error.WriteLine($"gassel: {unplugged}");
    Console.WriteLine($"Gassel is ready at {thisMachine.Replace("127.0.0.1", "localhost", StringComparison.Ordinal)}");
    foreach (var line in ConsoleWords.OfTheDoor(app.Services))
        Console.WriteLine(line);
}
await app.WaitForShutdownAsync();
await app.DisposeAsync();
return 0;
