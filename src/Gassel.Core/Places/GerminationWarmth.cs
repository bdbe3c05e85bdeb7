using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Places;

/// <summary>How warm it is where seed should come up, against the band of its species.</summary>
/// <param name="Words">What it means.</param>
/// <param name="ToDo">Null where nothing is to be done.</param>
public sealed record GerminationWarmth(WarmthLevel Level, double TempC, string Words, string? ToDo)
{
    /// <summary>An uncontrolled mat can pass it and cook the seed, °C (common practice, no source).</summary>
    public const double CookingC = 38;

    public bool IsTooWarm => Level >= WarmthLevel.AboveBand;

    /// <summary>
    /// The indoor place for trays that suits seed of a species best by what is known of it: within the band and nearest to its middle; null
    /// where none is within.
    /// </summary>
    /// <param name="tempC">How warm a place is, °C.</param>
    public static Place? Better(Species species, IEnumerable<Place> places, Func<Place, double> tempC)
    {
        var (low, high) = (species.Germination.LowC, species.Germination.HighC);
        return places
            .Where(p =>
                p is { RetiredOn: null, IsOutdoors: false, Kind: not (PlaceKind.HeatMat or PlaceKind.ColdShelf or PlaceKind.Garage) }
            )
            .Where(p => tempC(p) >= low && tempC(p) <= high)
            .MinBy(p => Math.Abs(tempC(p) - ((low + high) / 2)));
    }

    public static GerminationWarmth Of(Species species, double tempC, bool onMat)
    {
        var band = species.Germination;
        string Say(string what) =>
            Text.Of(
                $"{Quantity.Temperature(tempC)}, and {species.CommonName} comes up at "
                    + $"{Quantity.Temperatures(band.LowC, band.HighC)}: {what}"
            );
        var away = onMat ? "Take it off the mat, or turn the thermostat down." : "Move it to a cooler place, out of the sun.";
        return tempC switch
        {
            >= CookingC => new(
                WarmthLevel.Cooking,
                tempC,
                Say($"at {Quantity.WholeDegrees(CookingC)} and more seed of every kind cooks."),
                away
            ),
            >= PlaceWatch.HotC => new(WarmthLevel.TooHot, tempC, Say("too hot for every native here."), away),
            _ when tempC > band.HighC => new(WarmthLevel.AboveBand, tempC, Say("seed above its band waits, or falls dormant again."), away),
            _ when tempC < band.LowC => new(
                WarmthLevel.BelowBand,
                tempC,
                Say("slower, or not at all."),
                "Move it to a warmer place if it should come up now."
            ),
            _ => new(WarmthLevel.InBand, tempC, Say("within its band."), null),
        };
    }
}
