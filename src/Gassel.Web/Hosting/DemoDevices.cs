using Gassel.Core.Climate;
using Gassel.Data;
using Gassel.Web.Features.Forecasts;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Runtime;

namespace Gassel.Web.Hosting;

/// <summary>Plugs the made-up devices into a demo, through the same doors that a real weather service and real thermometers have.</summary>
public static class DemoDevices
{
    /// <param name="book">Address of this program.</param>
    /// <returns>What the console is to be told; null where all went well or there are none.</returns>
    public static async Task<string?> Plug(IServiceProvider services, string book)
    {
        var standIns = services.GetRequiredService<DeviceStandIns>();
        standIns.Book = book;
        if (!standIns.ArePlayed)
            return null;
        await UseForecast(services, standIns.Address!);
        var probes = services.GetRequiredService<PlayedProbes>();
        await probes.UseBroker(CancellationToken.None);
        return await probes.Play(CancellationToken.None) is null
            ? "The made-up devices do not answer: the demo has no forecast and no readings from now on."
            : null;
    }

    private static async Task UseForecast(IServiceProvider services, Uri standIns)
    {
        var service = new ForecastServiceToUse(
            "weather service, simulated",
            $"{standIns}forecast?latitude={{latitude}}&from={{from}}&to={{to}}",
            new("ahead.date", null, "ahead.low", "ahead.high", "ahead.gust", "ahead.rain", "ahead.snow"),
            Units: new ForecastUnits(),
            AllowPrivate: true
        );
        var (book, wanted) = (services.GetRequiredService<ForecastBook>(), CoreJson.Write(service));
        if ((await book.Service())?.Service != wanted)
            await book.Use(wanted, services.GetRequiredService<WriteGate>());
        await services.GetRequiredService<ForecastService>().Ask(atOnce: true, CancellationToken.None);
    }
}
