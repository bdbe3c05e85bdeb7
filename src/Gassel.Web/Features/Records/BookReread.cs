using Gassel.Data;
using Gassel.Data.Readings;
using Gassel.Web.Features.Weather;
using Gassel.Web.Features.Yard;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Records;

/// <summary>What is kept in memory of the book is read anew, after much of it came in at once.</summary>
internal sealed class BookReread(
    Func<GasselDb> connect,
    SiteClock clock,
    Library library,
    BatchShelf shelf,
    TrialBook trials,
    WishBook wishes,
    WeatherBook weather,
    ForecastBook forecasts,
    ReadingBook readings,
    EvidenceBook evidence,
    YardWeather yard,
    WinterBook winters
)
{
    public async Task All()
    {
        await using (var db = connect())
            await clock.Follow(db);
        library.Forget();
        trials.Forget();
        wishes.Forget();
        evidence.Forget();
        weather.Forget();
        forecasts.Forget();
        yard.Forget();
        winters.Forget();
        foreach (var place in await library.Places())
            readings.Forget(place.Id);
        await shelf.Reread();
    }
}
