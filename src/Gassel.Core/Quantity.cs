using System.Globalization;

namespace Gassel.Core;

/// <summary>
/// A value within a sentence. Rules put it in as a mark that keeps the value itself; the <see cref="Speaker"/> at the edge writes it in
/// the units of the site. A sentence stays the same text whoever reads it, so that two of them are the same when their words
/// and values are.
/// </summary>
public static class Quantity
{
    internal const char Opens = '\uE000';
    internal const char Parts = '\uE001';
    internal const char Closes = '\uE002';

    /// <param name="c">°C.</param>
    public static string Temperature(double c) => Mark("t", Of(c));

    /// <summary>Told in whole degrees.</summary>
    /// <param name="c">°C.</param>
    public static string WholeDegrees(double c) => Mark("tw", Of(c));

    /// <summary>From one to another, °C.</summary>
    public static string Temperatures(double lowC, double highC) => Mark("tt", Of(lowC), Of(highC));

    /// <summary>A difference, in which no 32 is added.</summary>
    /// <param name="k">Kelvin.</param>
    public static string Difference(double k) => Mark("k", Of(k));

    /// <summary>Temperature above a base by days.</summary>
    /// <param name="cDays">°C·d.</param>
    public static string ThermalTime(double cDays) => Mark("h", Of(cDays));

    /// <summary>Told in millimetres below two centimetres, else in centimetres.</summary>
    /// <param name="mm">Millimetres.</param>
    public static string Length(double mm) => Mark("l", Of(mm));

    /// <summary>From one to another, millimetres.</summary>
    public static string Lengths(double lowMm, double highMm) => Mark("ll", Of(lowMm), Of(highMm));

    /// <param name="litres">Litres.</param>
    public static string Volume(double litres) => Mark("v", Of(litres));

    /// <summary>A price, in the grower's own money.</summary>
    /// <param name="perLitre">For a litre.</param>
    public static string PerVolume(double perLitre) => Mark("pv", Of(perLitre));

    /// <summary>How many stand on an area.</summary>
    /// <param name="perM2">To the square metre.</param>
    public static string PerArea(double perM2) => Mark("pa", Of(perM2));

    /// <param name="kmh">km/h.</param>
    public static string Speed(double kmh) => Mark("s", Of(kmh));

    /// <param name="m2">Square metres.</param>
    public static string Area(double m2) => Mark("a", Of(m2));

    /// <summary>Of two places from each other.</summary>
    /// <param name="km">Kilometres.</param>
    public static string Distance(double km) => Mark("km", Of(km));

    /// <summary>In metres or feet: a height above the sea, a difference of two, or what is long.</summary>
    /// <param name="m">Metres.</param>
    public static string Elevation(double m) => Mark("e", Of(m));

    /// <summary>14 Mar; with its year where that is not the season's.</summary>
    public static string Day(DateOnly day) => Mark("d", Iso(day));

    /// <summary>14 Mar of whichever year.</summary>
    public static string DayOfYear(DateOnly day) => Mark("n", Iso(day));

    /// <summary>Mar 2027.</summary>
    public static string Month(DateOnly day) => Mark("m", Iso(day));

    /// <summary>Sun 14 Mar.</summary>
    public static string Weekday(DateOnly day) => Mark("w", Iso(day));

    /// <summary>Sun 14 Mar 06:00.</summary>
    public static string Moment(DateTimeOffset at) => Mark("o", at.ToString("yyyy-MM-dd'T'HH:mm", CultureInfo.InvariantCulture));

    /// <summary>A rule of thumb that has a round number in each system.</summary>
    public static string Rule(string metric, string unitedStates) => Mark("r", metric, unitedStates);

    private static string Of(double value) => value.ToString("R", CultureInfo.InvariantCulture);

    private static string Iso(DateOnly day) => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);

    private static string Mark(string kind, params string[] parts) => $"{Opens}{kind}{Parts}{string.Join(Parts, parts)}{Closes}";
}
