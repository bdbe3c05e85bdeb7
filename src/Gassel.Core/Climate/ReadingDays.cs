using Gassel.Core.Treatments;

namespace Gassel.Core.Climate;

/// <summary>
/// From readings to days: straight lines between readings, integrated exactly through the knots of the response. A gap of more than
/// <see cref="LongestGapHours"/> is left out whole.
/// </summary>
public static class ReadingDays
{
    /// <summary>Longer than this nobody knows what happened between two readings (our assumption).</summary>
    public const double LongestGapHours = 6;

    private const double MsPerHour = 3_600_000;

    /// <param name="readings">In order of time.</param>
    public static ReadDays Of(IEnumerable<TemperatureReading> readings, ColdResponse response, DayBounds bounds)
    {
        var days = new List<TemperatureDay>();
        var gaps = new List<ReadingGap>();
        Sum? day = null;
        TemperatureReading? before = null;
        foreach (var reading in readings)
        {
            if (before is { } last)
            {
                if ((reading.UnixMs - last.UnixMs) / MsPerHour > LongestGapHours)
                    gaps.Add(new(last.UnixMs, reading.UnixMs));
                else
                    Add(last, reading);
            }
            before = reading;
        }
        Finish();
        return new(days, gaps);

        void Add(TemperatureReading from, TemperatureReading to)
        {
            var (t, c) = ((double)from.UnixMs, from.TempC);
            while (t < to.UnixMs)
            {
                if (day is null || t >= day.EndsMs)
                {
                    Finish();
                    var date = bounds.DayOf((long)t);
                    day = new(date, bounds.StartOf(date.AddDays(1)));
                }
                var until = Math.Min(to.UnixMs, day.EndsMs);
                var end = from.TempC + ((to.TempC - from.TempC) * (until - from.UnixMs) / (to.UnixMs - from.UnixMs));
                day.Add((until - t) / MsPerHour, c, end, response);
                (t, c) = (until, end);
            }
        }

        void Finish()
        {
            if (day is { Hours: > 0 })
                days.Add(day.ToDay());
            day = null;
        }
    }

    /// <summary>One day while it fills.</summary>
    private sealed class Sum(DateOnly date, long endsMs)
    {
        private double _degreeHours;
        private double _chillHours;
        private double _effectiveHours;
        private double _min = double.PositiveInfinity;
        private double _max = double.NegativeInfinity;

        public long EndsMs => endsMs;

        public double Hours { get; private set; }

        public void Add(double hours, double fromC, double toC, ColdResponse response)
        {
            Hours += hours;
            _degreeHours += hours * (fromC + toC) / 2;
            _chillHours += hours * ShareInChill(Math.Min(fromC, toC), Math.Max(fromC, toC));
            _effectiveHours += hours * response.MeanBetween(fromC, toC);
            _min = Math.Min(_min, Math.Min(fromC, toC));
            _max = Math.Max(_max, Math.Max(fromC, toC));
        }

        public TemperatureDay ToDay() => new(date, _degreeHours / Hours, _min, _max, Hours, _chillHours, _effectiveHours / 24);

        private static double ShareInChill(double low, double high) =>
            high - low < 1e-12
                ? (low is >= TemperatureDay.ChillFromC and <= TemperatureDay.ChillToC ? 1 : 0)
                : Math.Max(0, Math.Min(high, TemperatureDay.ChillToC) - Math.Max(low, TemperatureDay.ChillFromC)) / (high - low);
    }
}
