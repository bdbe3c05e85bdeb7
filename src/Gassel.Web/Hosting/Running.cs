using Gassel.Data;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Connections;

namespace Gassel.Web.Hosting;

/// <summary>The program from its first argument to its last word.</summary>
public static class Running
{
    /// <param name="shipped">What is inside the program; null where all lies beside it.</param>
    /// <param name="whenReady">Told the address on this machine as soon as it answers.</param>
    /// <returns>0 where it ran and was stopped; 2 for arguments, 3 for a book, 4 for a port that cannot be used.</returns>
    public static async Task<int> Run(string[] args, Shipped? shipped = null, Action<string>? whenReady = null)
    {
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
            // on the other processor, while this one puts the program together
            if (!Launch.IsDescribing)
                _ = Task.Run(new BookFile(launch.DataFolder).Warm);
            app = GasselHost.Build(launch, TimeProvider.System, shipped);
            if (!Launch.IsDescribing)
                _ = Task.Run(() => GasselHost.Warm(app));
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
            if (app.Services.GetRequiredService<BookFile>().Loss is { } loss)
                Console.Error.WriteLine($"gassel: {loss}");
            var address = await Greet(app);
            whenReady?.Invoke(address);
        }
        await app.WaitForShutdownAsync();
        await app.DisposeAsync();
        return 0;
    }

    private static async Task<string> Greet(WebApplication app)
    {
        var thisMachine = app.Urls.First(url => url.StartsWith("http:", StringComparison.Ordinal));
        if (await DemoDevices.Plug(app.Services, thisMachine) is { } unplugged)
            Console.Error.WriteLine($"gassel: {unplugged}");
        var address = GasselHost.AddressOf(app);
        Console.WriteLine($"Gassel is ready at {address}");
        foreach (var line in ConsoleWords.OfTheDoor(app.Services))
            Console.WriteLine(line);
        return address;
    }
}
