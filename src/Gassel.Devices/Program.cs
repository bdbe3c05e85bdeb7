using System.Globalization;
using Gassel.Devices;

// --port N, 0 lets the system choose; --mqtt adds a broker; --until-stdin-ends lets the program that started it take it along
var at = Array.IndexOf(args, "--port");
var port = at >= 0 && at + 1 < args.Length ? int.Parse(args[at + 1], CultureInfo.InvariantCulture) : 8740;
await using var app = StandIns.Build(port, args.Contains("--mqtt"));
await app.StartAsync();
Console.WriteLine($"Made-up devices are ready at {app.Urls.First().Replace("127.0.0.1", "localhost", StringComparison.Ordinal)}");
if (args.Contains("--until-stdin-ends"))
    _ = Task.Run(() =>
    {
        while (Console.In.Read() >= 0) { }
        app.Lifetime.StopApplication();
    });
await app.WaitForShutdownAsync();
