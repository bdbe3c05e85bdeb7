using Gassel.Core.Climate;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Forecasts;

/// <summary>How a file with a forecast is to be read; what is null is guessed from it.</summary>
internal sealed record ForecastFileQuestion(ForecastFields? Fields, DayOrder? Order, ForecastUnits? Units)
{
    /// <summary>From the words of the address: names of columns, and of units.</summary>
    public static (ForecastFileQuestion? Question, Refusal? Refusal) From(IQueryCollection query)
    {
        var words = new QueryWords();
        string? Column(string name) => query[name] is [{ Length: > 0 } column] ? column : null;
        var order = words.Name<DayOrder>("order", query["order"]);
        ForecastUnits? units = query.ContainsKey("temperature")
            ? new(
                words.Name<TemperatureUnit>("temperature", query["temperature"]) ?? default,
                words.Name<SpeedUnit>("wind", query["wind"]) ?? SpeedUnit.KilometersPerHour,
                words.Name<DepthUnit>("rainUnit", query["rainUnit"]) ?? DepthUnit.Millimeters,
                words.Name<DepthUnit>("snowUnit", query["snowUnit"]) ?? DepthUnit.Centimeters
            )
            : null;
        ForecastFields? fields = Column("date") is { } date
            ? new(date, null, Column("low"), Column("high"), Column("gust"), Column("rain"), Column("snow"))
            : null;
        return words.Refusal is { } refusal ? (null, refusal) : (new(fields, order, units), null);
    }
}
