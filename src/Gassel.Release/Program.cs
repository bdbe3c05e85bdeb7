using Gassel.Devices;
using Gassel.Release;
using Gassel.Web.Hosting;
using Microsoft.Extensions.FileProviders;

// a demo has its made-up weather service and thermometers in the same program
WebApplication? devices = null;
async Task<Uri> Devices()
{
    if (devices is null)
    {
        devices = StandIns.Build(0, withBroker: true);
        await devices.StartAsync();
    }
    return new(devices.Urls.First());
}

string[] asked = [.. args.Where(a => a != Desktop.Not)];
if (asked.Contains("--demo") && !asked.Contains("--devices"))
    asked = [.. asked, "--devices", (await Devices()).ToString()];
Shipped shipped = new(new ManifestEmbeddedFileProvider(typeof(Desktop).Assembly, "pages"), Devices);
var ended = await Running.Run(asked, shipped, args.Contains(Desktop.Not) ? null : Desktop.Open);
if (devices is not null)
    await devices.DisposeAsync();
return ended;
