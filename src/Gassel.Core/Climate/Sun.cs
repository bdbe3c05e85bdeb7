namespace Gassel.Core.Climate;

/// <summary>
/// The sun over a place: radiation at the top of the air, length of the day, and a day's sun from its range of temperature. Angles and
/// equations of FAO Irrigation and Drainage Paper 56 (Allen et al. 1998). Hours are solar: 12 is when the sun stands highest.
/// </summary>
public static class Sun
{
    /// <summary>MJ m⁻² min⁻¹ (FAO-56, below eq. 21).</summary>
    private const double SolarConstant = 0.0820;

    /// <summary>Inland (FAO-56, below eq. 50), °C^−0.5.</summary>
    private const double Hargreaves = 0.16;

    /// <summary>Share of the top-of-air radiation that reaches the ground under a clear sky at sea level (FAO-56 eq. 35 and 37).</summary>
    private const double ClearShare = 0.75;

    /// <summary>Share that reaches it under a closed cover of cloud (FAO-56 eq. 35, a_s).</summary>
    private const double OvercastShare = 0.25;

    /// <summary>MJ m⁻² d⁻¹ (FAO-56 eq. 21); 0 in polar night.</summary>
    public static double TopOfAirMJ(double latitude, DateOnly day)
    {
        var (a, b, sunset) = Path(latitude, day);
        return 24 * 60 / Math.PI * SolarConstant * Distance(day) * ((sunset * a) + (b * Math.Sin(sunset)));
    }

    /// <summary>Hours from sunrise to sunset (FAO-56 eq. 34), 0..24.</summary>
    public static double DaylightHours(double latitude, DateOnly day) => 24 / Math.PI * Path(latitude, day).Sunset;

    /// <summary>Solar hour of sunrise.</summary>
    public static double Sunrise(double latitude, DateOnly day) => 12 - (DaylightHours(latitude, day) / 2);

    /// <summary>A day's sun on level ground, MJ m⁻² d⁻¹ (FAO-56 eq. 50), not above that of a clear sky.</summary>
    public static double FromRangeMJ(double rangeK, double topOfAirMJ) =>
        Math.Min(Hargreaves * Math.Sqrt(Math.Max(0, rangeK)), ClearShare) * topOfAirMJ;

    /// <summary>Share of the daylight without cloud, 0..1 (FAO-56 eq. 35 the other way round).</summary>
    public static double Clearness(double solarMJ, double topOfAirMJ) =>
        topOfAirMJ <= 0 ? 0 : Math.Clamp(((solarMJ / topOfAirMJ) - OvercastShare) / (ClearShare - OvercastShare), 0, 1);

    /// <summary>
    /// Share of the day's sun that comes between two solar hours, by the sine of the sun's height; all hours add up to 1, or to 0 in polar
    /// night.
    /// </summary>
    public static double ShareBetween(double latitude, DateOnly day, double fromHour, double toHour)
    {
        var (a, b, sunset) = Path(latitude, day);
        var whole = Integral(-sunset, sunset);
        var (from, to) = (Math.Max(Angle(fromHour), -sunset), Math.Min(Angle(toHour), sunset));
        return whole <= 0 || to <= from ? 0 : Integral(from, to) / whole;

        double Integral(double w1, double w2) => (a * (w2 - w1)) + (b * (Math.Sin(w2) - Math.Sin(w1)));
    }

    private static double Angle(double hour) => Math.PI / 12 * (hour - 12);

    /// <summary>Sine of the sun's height is a + b·cos ω; sunset in radians from noon (FAO-56 eq. 24, 25).</summary>
    private static (double A, double B, double Sunset) Path(double latitude, DateOnly day)
    {
        var declination = 0.409 * Math.Sin((2 * Math.PI / 365 * day.DayOfYear) - 1.39);
        var phi = latitude * Math.PI / 180;
        return (
            Math.Sin(phi) * Math.Sin(declination),
            Math.Cos(phi) * Math.Cos(declination),
            Math.Acos(Math.Clamp(-Math.Tan(phi) * Math.Tan(declination), -1, 1))
        );
    }

    /// <summary>Inverse relative distance to the sun (FAO-56 eq. 23).</summary>
    private static double Distance(DateOnly day) => 1 + (0.033 * Math.Cos(2 * Math.PI / 365 * day.DayOfYear));
}
