using System.Globalization;

namespace Gassel.Core.Climate;

/// <summary>
/// Reads the rows of one logger's file in their order: moments in any order of date parts, with or without an offset, and temperatures in
/// either unit. Keeps
/// what it needs to tell the hour that comes twice in autumn: the first time round it is summer time, until the clock steps back.
/// </summary>
/// <param name="zone">Of the site.</param>
/// <param name="now">Readings later than this are refused, with some minutes for clocks that run ahead.</param>
public sealed class LoggerRows(DayOrder order, TemperatureUnit unit, LoggerClock clock, TimeZoneInfo zone, DateTimeOffset now)
{
    /// <summary>A shelf is never colder or hotter, °C; loggers write −127 or 85 where they lost their sensor (our assumption).</summary>
    public const double ColdestC = -60;
    public const double HottestC = 80;

    private const int MinutesAhead = 10;
    private const long MsPerMinute = 60_000;

    private readonly long _latest = now.AddMinutes(MinutesAhead).ToUnixTimeMilliseconds();
    private long _last = long.MinValue;
    private DateOnly _day;
    private int? _offsetMinutes;

    /// <param name="when">Day and time, or the day alone where <paramref name="time"/> stands in a column of its own.</param>
    public LoggerFault Read(
        ReadOnlySpan<char> when,
        ReadOnlySpan<char> time,
        ReadOnlySpan<char> temperature,
        out TemperatureReading reading
    )
    {
        reading = default;
        if (!Stamp.TryRead(when, time, order, out var stamp))
            return LoggerFault.Time;
        if (Instant(stamp, out var unixMs) is not LoggerFault.None and var fault)
            return fault;
        if (unixMs > _latest)
            return LoggerFault.Future;
        if (Temperature(temperature) is not { } tempC)
            return LoggerFault.Temperature;
        _last = unixMs;
        reading = new(unixMs, tempC);
        return LoggerFault.None;
    }

    /// <summary>
    /// Says so where the values fit the place in the other unit only: as read they lie far from it, the other way near.
    /// </summary>
    /// <param name="readC">As read, °C.</param>
    /// <returns>The other unit; null where there is no doubt.</returns>
    public static TemperatureUnit? OtherUnit(IReadOnlyCollection<double> readC, TemperatureUnit unit, double placeC)
    {
        if (readC.Count == 0)
            return null;
        var middle = readC.Order().ElementAt(readC.Count / 2);
        var other = unit == TemperatureUnit.Celsius ? (middle - 32) / 1.8 : (middle * 1.8) + 32;
        const double Far = 15;
        const double Near = 8;
        return Math.Abs(middle - placeC) > Far && Math.Abs(other - placeC) < Near ? (TemperatureUnit)(1 - (int)unit) : null;
    }

    /// <summary>Whether a cell can be read as a moment, in any order of date parts.</summary>
    public static bool IsMoment(ReadOnlySpan<char> cell)
    {
        foreach (var order in Enum.GetValues<DayOrder>())
        {
            if (Stamp.TryRead(cell, default, order, out _))
                return true;
        }
        return false;
    }

    private LoggerFault Instant(in Stamp stamp, out long unixMs)
    {
        var local = stamp.LocalMs;
        unixMs = 0;
        if ((stamp.OffsetMinutes ?? (clock == LoggerClock.Utc ? 0 : null)) is { } told)
        {
            unixMs = local - (told * MsPerMinute);
            return LoggerFault.None;
        }
        if (clock == LoggerClock.StandardTime)
        {
            unixMs = local - (long)zone.BaseUtcOffset.TotalMilliseconds;
            return LoggerFault.None;
        }
        if (stamp.Day != _day || _day == default)
        {
            _day = stamp.Day;
            var (first, next) = (
                zone.GetUtcOffset(_day.ToDateTime(TimeOnly.MinValue)),
                zone.GetUtcOffset(_day.AddDays(1).ToDateTime(TimeOnly.MinValue))
            );
            _offsetMinutes = first == next ? (int)first.TotalMinutes : null;
        }
        if (_offsetMinutes is { } all)
        {
            unixMs = local - (all * MsPerMinute);
            return LoggerFault.None;
        }
        var moment = DateTime.UnixEpoch.AddMilliseconds(local);
        var wall = DateTime.SpecifyKind(moment, DateTimeKind.Unspecified);
        if (zone.IsInvalidTime(wall))
            return LoggerFault.SkippedHour;
        if (!zone.IsAmbiguousTime(wall))
        {
            unixMs = local - (long)zone.GetUtcOffset(wall).TotalMilliseconds;
            return LoggerFault.None;
        }
        var offsets = zone.GetAmbiguousTimeOffsets(wall);
        unixMs = local - (long)offsets.Max().TotalMilliseconds;
        if (unixMs <= _last)
            unixMs = local - (long)offsets.Min().TotalMilliseconds;
        return LoggerFault.None;
    }

    private double? Temperature(ReadOnlySpan<char> text)
    {
        text = text.TrimEnd("°CFcf ");
        if (
            !double.TryParse(
                text,
                NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint,
                CultureInfo.InvariantCulture,
                out var value
            )
        )
        {
            // a comma as the decimal mark, as loggers of many countries write
            if (text.IndexOf(',') is < 0 and var comma || text.Length > 16)
                return null;
            Span<char> dotted = stackalloc char[text.Length];
            text.CopyTo(dotted);
            dotted.Replace(',', '.');
            if (
                !double.TryParse(
                    dotted,
                    NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint,
                    CultureInfo.InvariantCulture,
                    out value
                )
            )
                return null;
        }
        var tempC = unit == TemperatureUnit.Fahrenheit ? (value - 32) / 1.8 : value;
        return tempC is >= ColdestC and <= HottestC ? tempC : null;
    }

    /// <summary>A moment as written: a day, a time, perhaps an offset.</summary>
    private readonly record struct Stamp(DateOnly Day, long LocalMs, int? OffsetMinutes)
    {
        public static bool TryRead(ReadOnlySpan<char> when, ReadOnlySpan<char> time, DayOrder order, out Stamp stamp)
        {
            stamp = default;
            if (!TryDay(ref when, order, out var day))
                return false;
            var rest = time.IsEmpty ? when : time;
            rest = rest.TrimStart("T ,");
            var (ms, offset) = (0L, (int?)null);
            if (!rest.IsEmpty && !TryTime(rest, out ms, out offset))
                return false;
            stamp = new(day, ((long)(day.DayNumber - UnixDay) * 86_400_000) + ms, offset);
            return true;
        }

        private static readonly int UnixDay = new DateOnly(1970, 1, 1).DayNumber;

        private static bool TryDay(ref ReadOnlySpan<char> text, DayOrder order, out DateOnly day)
        {
            day = default;
            text = text.Trim();
            if (!TryNumber(ref text, out var a, out var digits))
                return false;
            int b,
                c;
            if (digits == 8)
                (a, b, c) = (a / 10_000, a / 100 % 100, a % 100);
            else if (
                !Skip(ref text, "-/.")
                || !TryNumber(ref text, out b, out _)
                || !Skip(ref text, "-/.")
                || !TryNumber(ref text, out c, out _)
            )
                return false;
            var (year, month, dayOfMonth) = order switch
            {
                _ when digits is 8 or 4 => (a, b, c),
                DayOrder.DayFirst => (c, b, a),
                DayOrder.MonthFirst => (c, a, b),
                _ => (a, b, c),
            };
            if (year is >= 0 and < 100)
                year += 2000;
            if (year is < 1970 or > 2200 || month is < 1 or > 12 || dayOfMonth < 1 || dayOfMonth > DateTime.DaysInMonth(year, month))
                return false;
            day = new(year, month, dayOfMonth);
            return true;
        }

        private static bool TryTime(ReadOnlySpan<char> text, out long ms, out int? offsetMinutes)
        {
            (ms, offsetMinutes) = (0, null);
            if (!TryNumber(ref text, out var hour, out _) || !Skip(ref text, ":.") || !TryNumber(ref text, out var minute, out _))
                return false;
            var second = 0;
            if (Skip(ref text, ":.") && !TryNumber(ref text, out second, out _))
                return false;
            if (Skip(ref text, ".,"))
                TryNumber(ref text, out _, out _);
            text = text.Trim();
            if (text.Length >= 2 && text[1] is 'M' or 'm')
            {
                if (hour is < 1 or > 12)
                    return false;
                hour = (hour % 12) + (text[0] is 'P' or 'p' ? 12 : 0);
                text = text[2..].Trim();
            }
            if (hour > 23 || minute > 59 || second > 60)
                return false;
            ms = ((((hour * 60L) + minute) * 60) + Math.Min(second, 59)) * 1000;
            if (text.IsEmpty)
                return true;
            if (text is "Z" or "z")
            {
                offsetMinutes = 0;
                return true;
            }
            var sign = text[0] switch
            {
                '+' => 1,
                '-' => -1,
                _ => 0,
            };
            text = text[1..];
            if (sign == 0 || !TryNumber(ref text, out var hours, out var digits))
                return false;
            var minutes = 0;
            if (digits == 4)
                (hours, minutes) = (hours / 100, hours % 100);
            else if (Skip(ref text, ":") && !TryNumber(ref text, out minutes, out _))
                return false;
            offsetMinutes = sign * ((hours * 60) + minutes);
            return text.IsEmpty && hours <= 14 && minutes <= 59;
        }

        private static bool TryNumber(ref ReadOnlySpan<char> text, out int number, out int digits)
        {
            (number, digits) = (0, 0);
            while (digits < text.Length && char.IsAsciiDigit(text[digits]) && digits < 9)
                number = (number * 10) + (text[digits++] - '0');
            text = text[digits..];
            return digits > 0;
        }

        private static bool Skip(ref ReadOnlySpan<char> text, ReadOnlySpan<char> any)
        {
            if (text.IsEmpty || !any.Contains(text[0]))
                return false;
            text = text[1..];
            return true;
        }
    }
}
