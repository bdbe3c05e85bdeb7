using System.Globalization;
using System.Text;

namespace Gassel.Core;

/// <summary>
/// Writes the values of a sentence for who reads it: in the units of the site, days without the year of the running season. No other place
/// writes a value for people.
/// </summary>
/// <param name="units">Of the site.</param>
/// <param name="today">Null where every day gets its year.</param>
public sealed class Speaker(Units units, DateOnly? today = null)
{
    /// <summary>A day nearer than this needs no year (our assumption).</summary>
    private const int NearDays = 300;

    private const double SquareFeetInM2 = 1 / UnitedStates.SquareMetresASquareFoot;

    /// <summary>Metric, and every day with its year.</summary>
    public static Speaker Plain { get; } = new(Units.Metric);

    private bool IsMetric => units == Units.Metric;

    /// <summary>True where there is a value to write.</summary>
    public static bool HasValues(string sentence) => sentence.Contains(Quantity.Opens, StringComparison.Ordinal);

    /// <summary>The sentence with its values written out.</summary>
    public string Say(string sentence)
    {
        if (!HasValues(sentence))
            return sentence;
        var text = new StringBuilder(sentence.Length);
        var at = 0;
        while (sentence.IndexOf(Quantity.Opens, at) is >= 0 and var from && sentence.IndexOf(Quantity.Closes, from) is >= 0 and var to)
        {
            text.Append(sentence, at, from - at).Append(Value(sentence[(from + 1)..to].Split(Quantity.Parts)));
            at = to + 1;
        }
        return text.Append(sentence, at, sentence.Length - at).ToString();
    }

    private string Value(string[] mark) =>
        mark[0] switch
        {
            "t" => Temperature(Number(mark[1])),
            "tw" => Temperature(IsMetric ? Math.Round(Number(mark[1]), MidpointRounding.AwayFromZero) : Number(mark[1])),
            "tt" => $"{Degrees(Number(mark[1]))}–{Temperature(Number(mark[2]))}",
            "k" => IsMetric ? $"{Short(Number(mark[1]), 1)} K" : $"{Short(Number(mark[1]) * 1.8, 1)} °F",
            "h" => IsMetric ? $"{Short(Number(mark[1]), 1)} °C·days" : $"{Short(Number(mark[1]) * 1.8, 0)} °F·days",
            "l" => Length(Number(mark[1]), Number(mark[1]) is < 20 and > -20),
            "ll" => Lengths(Number(mark[1]), Number(mark[2])),
            "v" => Volume(Number(mark[1])),
            "pv" => IsMetric ? $"{Price(Number(mark[1]))} a litre" : $"{Price(Number(mark[1]) * UnitedStates.LitresAGallon)} a gallon",
            "pa" => IsMetric ? $"{Short(Number(mark[1]), 2)} to the m²" : $"{Short(Number(mark[1]) / SquareFeetInM2, 2)} to the sq ft",
            "s" => IsMetric ? $"{Short(Number(mark[1]), 0)} km/h" : $"{Short(Number(mark[1]) / 1.609344, 0)} mph",
            "km" => IsMetric ? $"{Short(Number(mark[1]), 0)} km" : $"{Short(Number(mark[1]) / 1.609344, 0)} miles",
            "e" => IsMetric ? $"{Short(Number(mark[1]), 0)} m" : $"{Short(Number(mark[1]) / 0.3048, 0)} ft",
            "a" => Area(Number(mark[1])),
            "d" => Day(DayOf(mark[1])),
            "n" => DayOf(mark[1]).ToString("d MMM", CultureInfo.InvariantCulture),
            "m" => DayOf(mark[1]).ToString("MMM yyyy", CultureInfo.InvariantCulture),
            "w" => DayOf(mark[1]).ToString("ddd d MMM", CultureInfo.InvariantCulture),
            "o" => Moment(mark[1]),
            "r" => IsMetric ? mark[1] : mark[2],
            _ => throw new ArgumentException($"no such mark: {mark[0]}", nameof(mark)),
        };

    private string Temperature(double c) => $"{Degrees(c)} {(IsMetric ? "°C" : "°F")}";

    private string Degrees(double c) => IsMetric ? Short(c, 1) : Short((c * 1.8) + 32, 0);

    private string Length(double mm, bool inMm) =>
        IsMetric
            ? inMm
                ? $"{Short(mm, 1)} mm"
                : $"{Short(mm / 10, 1)} cm"
            : $"{Inches(mm / 25.4)} in";

    private string Lengths(double lowMm, double highMm)
    {
        if (!IsMetric)
            return $"{Inches(lowMm / 25.4)}–{Inches(highMm / 25.4)} in";
        return highMm < 20 ? $"{Short(lowMm, 1)}–{Short(highMm, 1)} mm" : $"{Short(lowMm / 10, 1)}–{Short(highMm / 10, 1)} cm";
    }

    /// <summary>Sixteenths below one inch, quarters above, as a rule has them.</summary>
    private static string Inches(double inches)
    {
        var parts = inches < 1 ? 16 : 4;
        var steps = (int)Math.Round(inches * parts, MidpointRounding.AwayFromZero);
        if (steps == 0 && inches > 0)
            steps = 1;
        var (whole, rest) = (steps / parts, steps % parts);
        if (rest == 0)
            return whole.ToString(CultureInfo.InvariantCulture);
        while (rest % 2 == 0)
            (rest, parts) = (rest / 2, parts / 2);
        return whole == 0 ? $"{rest}/{parts}" : $"{whole} {rest}/{parts}";
    }

    private string Volume(double litres) =>
        IsMetric
            ? litres is < 0.1 and > 0
                ? $"{Short(litres * 1000, 0)} ml"
                : $"{Short(litres, litres < 10 ? 2 : 1)} l"
            : litres < 0.237
                ? $"{Short(litres * 33.814, 1)} fl oz"
                : litres < 3.785
                    ? $"{Short(litres * 1.05669, 1)} qt"
                    : $"{Short(litres / UnitedStates.LitresAGallon, 1)} gal";

    /// <summary>What is smaller than a tray is told in square centimetres or inches.</summary>
    private string Area(double m2) =>
        (IsMetric, m2 < 0.1) switch
        {
            (true, true) => $"{Short(m2 * 10_000, 0)} cm²",
            (true, _) => $"{Short(m2, 2)} m²",
            (_, true) => $"{Short(m2 * SquareFeetInM2 * 144, 0)} sq in",
            _ => $"{Short(m2 * SquareFeetInM2, m2 < 1 ? 1 : 0)} sq ft",
        };

    private static string Price(double money) => money.ToString("0.##", CultureInfo.InvariantCulture);

    private string Day(DateOnly day) =>
        day.ToString(
            today is { } now && Math.Abs(day.DayNumber - now.DayNumber) < NearDays ? "d MMM" : "d MMM yyyy",
            CultureInfo.InvariantCulture
        );

    private static string Moment(string at) =>
        DateTime
            .ParseExact(at, "yyyy-MM-dd'T'HH:mm", CultureInfo.InvariantCulture)
            .ToString("ddd d MMM HH:mm", CultureInfo.InvariantCulture);

    private static DateOnly DayOf(string iso) => DateOnly.ParseExact(iso, "yyyy-MM-dd", CultureInfo.InvariantCulture);

    private static double Number(string text) => double.Parse(text, CultureInfo.InvariantCulture);

    /// <summary>Without idle zeros, and with a minus that is one.</summary>
    private static string Short(double value, int places)
    {
        var rounded = Math.Round(value, places, MidpointRounding.AwayFromZero);
        return (rounded == 0 ? 0 : rounded).ToString("0." + new string('#', places), CultureInfo.InvariantCulture).Replace('-', '−');
    }
}
