using Gassel.Core.Climate;

namespace Gassel.Core.Tests.Climate;

public class WeatherRowsTests
{
    private static WeatherReading Read(DayOrder order, params string[] rows) =>
        WeatherRows.Read(Cells(rows), order, TemperatureUnit.Celsius);

    private static IEnumerable<WeatherCells> Cells(string[] rows) =>
        rows.Select((r, i) => r.Split(',')).Select((c, i) => new WeatherCells(i + 2, c[0], c[1], c[2]));

    /// <summary>Daily weather of Seattle 2012–2015 from the npm package vega-datasets (BSD-3), a test-only dependency.</summary>
    [Fact]
    public void An_open_record_is_read_whole_in_either_unit()
    {
        var lines = File.ReadLines(OpenData.Find("seattle-weather.csv")).Skip(1).Select(l => l.Split(',')).ToList();
        var celsius = WeatherRows.Read(
            lines.Select((c, i) => new WeatherCells(i + 2, c[0], c[3], c[2])),
            DayOrder.YearFirst,
            TemperatureUnit.Celsius
        );
        Assert.Equal((1461, 0, 0), (celsius.Days.Count, celsius.Refused.Count, celsius.Gaps.Count));
        string F(string c) =>
            (double.Parse(c, System.Globalization.CultureInfo.InvariantCulture) * 9 / 5 + 32).ToString(
                System.Globalization.CultureInfo.InvariantCulture
            );
        var fahrenheit = WeatherRows.Read(
            lines.Select((c, i) => new WeatherCells(i + 2, c[0], F(c[3]), F(c[2]))),
            DayOrder.YearFirst,
            TemperatureUnit.Fahrenheit
        );
        Assert.All(celsius.Days.Zip(fahrenheit.Days), d => Assert.Equal(d.First.MinC!.Value, d.Second.MinC!.Value, 2));
        Assert.Equal(TemperatureUnit.Fahrenheit, WeatherRows.GuessUnit(lines.Select(c => F(c[2]))));
        Assert.Equal(TemperatureUnit.Celsius, WeatherRows.GuessUnit(lines.Select(c => c[2])));
    }

    [Fact]
    public void Swapped_doubled_impossible_and_unreadable_rows_are_named_and_the_rest_is_kept()
    {
        var read = Read(
            DayOrder.YearFirst,
            "2026-01-01,-3,2",
            "2026-01-02,5,-1",
            "2026-01-01,-4,1",
            "2026-02-30,1,2",
            "2026-01-05,,4",
            "2026-01-06,cold,4",
            "2026-01-07,-200,4"
        );
        Assert.Equal([new DateOnly(2026, 1, 1), new(2026, 1, 5)], read.Days.Select(d => d.Date));
        Assert.Null(read.Days[1].MinC);
        Assert.Equal([3, 4, 5, 7, 8], read.Refused.Select(r => r.Line));
        Assert.Contains("swapped", read.Refused[0].Refused);
        Assert.Contains("line 2 already", read.Refused[1].Refused);
        Assert.Contains("a day that exists", read.Refused[2].Refused);
        Assert.Contains("'cold'", read.Refused[3].Refused);
        Assert.Equal([new DayGap(new(2026, 1, 2), new(2026, 1, 4))], read.Gaps);
    }

    [Fact]
    public void A_mixed_order_of_date_parts_is_named_at_the_row()
    {
        string[] rows = ["25/12/2026,1,2", "26/12/2026,1,2", "12/28/2026,1,2", "2026-12-29,1,2"];
        Assert.Equal(DayOrder.DayFirst, DayTexts.GuessOrder(rows.Select(r => r.Split(',')[0])));
        var read = Read(DayOrder.DayFirst, rows);
        Assert.Equal(2, read.Days.Count);
        Assert.Contains("it stands month first", read.Refused[0].Refused);
        Assert.Contains("it stands year first", read.Refused[1].Refused);
    }

    [Theory]
    [InlineData("2026-03-04", DayOrder.YearFirst)]
    [InlineData("2026/03/04", DayOrder.YearFirst)]
    [InlineData("20260304", DayOrder.YearFirst)]
    [InlineData("2026-03-04T00:00", DayOrder.YearFirst)]
    [InlineData("4.3.2026", DayOrder.DayFirst)]
    [InlineData("03/04/2026", DayOrder.MonthFirst)]
    public void Dates_are_read_as_growers_find_them(string text, DayOrder order) =>
        Assert.Equal(new DateOnly(2026, 3, 4), Read(order, text + ",1,2").Days[0].Date);
}
