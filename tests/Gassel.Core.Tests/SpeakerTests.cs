namespace Gassel.Core.Tests;

/// <summary>
/// Values in sentences, in both systems. Factors: 1 in = 25.4 mm, 1 mi = 1.609344 km and 1 US gal = 3.785411784 l, exact by definition.
/// </summary>
public class SpeakerTests
{
    private static readonly Speaker Metric = new(Units.Metric, new(2027, 3, 14));
    private static readonly Speaker Customary = new(Units.UnitedStates, new(2027, 3, 14));

    public static TheoryData<string, string, string> Values =>
        new()
        {
            { Quantity.Temperature(0), "0 °C", "32 °F" },
            { Quantity.Temperature(-4.25), "−4.3 °C", "24 °F" },
            { Quantity.Temperature(-0.04), "0 °C", "32 °F" },
            { Quantity.WholeDegrees(21.4), "21 °C", "71 °F" },
            { Quantity.Temperatures(15, 20), "15–20 °C", "59–68 °F" },
            { Quantity.Difference(1.5), "1.5 K", "2.7 °F" },
            { Quantity.ThermalTime(100), "100 °C·days", "180 °F·days" },
            { Quantity.Length(3), "3 mm", "1/8 in" },
            { Quantity.Length(9.5), "9.5 mm", "3/8 in" },
            { Quantity.Length(0.5), "0.5 mm", "1/16 in" },
            { Quantity.Length(25.4), "2.5 cm", "1 in" },
            { Quantity.Length(90), "9 cm", "3 1/2 in" },
            { Quantity.Lengths(3, 6), "3–6 mm", "1/8–1/4 in" },
            { Quantity.Volume(0.09), "90 ml", "3 fl oz" },
            { Quantity.Volume(1), "1 l", "1.1 qt" },
            { Quantity.Volume(40), "40 l", "10.6 gal" },
            { Quantity.Speed(60), "60 km/h", "37 mph" },
            { Quantity.Area(1.5), "1.5 m²", "16 sq ft" },
            { Quantity.Area(0.0177), "177 cm²", "27 sq in" },
            { Quantity.PerVolume(0.25), "0.25 a litre", "0.95 a gallon" },
            { Quantity.PerArea(11.1), "11.1 to the m²", "1.03 to the sq ft" },
            { RuleOfThumb.VernalizingBand, "7 to 10 °C", "45 to 50 °F" },
            { Quantity.Moment(new(2027, 3, 14, 6, 0, 0, TimeSpan.FromHours(-6))), "Sun 14 Mar 06:00", "Sun 14 Mar 06:00" },
        };

    [Theory]
    [MemberData(nameof(Values))]
    public void A_value_is_written_in_the_units_of_the_site(string value, string metric, string customary)
    {
        Assert.Equal($"Mix at {metric}.", Metric.Say($"Mix at {value}."));
        Assert.Equal($"Mix at {customary}.", Customary.Say($"Mix at {value}."));
    }

    [Theory]
    [InlineData("2027-03-27", "27 Mar")]
    [InlineData("2026-09-01", "1 Sep")]
    [InlineData("2027-12-01", "1 Dec")]
    [InlineData("2028-03-01", "1 Mar 2028")]
    [InlineData("2026-03-14", "14 Mar 2026")]
    public void A_day_of_the_running_season_has_no_year(string day, string said) =>
        Assert.Equal(said, Metric.Say(Quantity.Day(DateOnly.ParseExact(day, "yyyy-MM-dd"))));

    [Fact]
    public void Sentences_are_the_same_when_their_words_and_values_are()
    {
        string Told(double c) => $"The shelf is {Quantity.Temperature(c)}.";
        Assert.Equal(Told(18), Told(18));
        Assert.NotEqual(Told(18), Told(18.01));
        Assert.Equal(Metric.Say(Told(18)), Metric.Say(Told(18.01)));
    }

    [Fact]
    public void What_holds_no_value_stays_as_it_is()
    {
        Assert.Equal("No reading.", Customary.Say("No reading."));
        Assert.Throws<ArgumentException>(() => Customary.Say("\uE000x\uE0014\uE002"));
    }
}
