using System.Globalization;
using Gassel.Core.Climate;

namespace Gassel.Core.Tests.Climate;

public class WintersTests
{
    [Theory]
    [InlineData("2026-07-01", false, 2026)]
    [InlineData("2027-06-30", false, 2026)]
    [InlineData("2027-06-30", true, 2027)]
    [InlineData("2027-01-01", true, 2027)]
    public void A_winter_belongs_to_the_year_in_which_it_begins(string day, bool south, int year) =>
        Assert.Equal(year, Winters.Of(DateOnly.ParseExact(day, "yyyy-MM-dd", CultureInfo.InvariantCulture), south));

    private static DateOnly D(string day) => DateOnly.ParseExact(day, "yyyy-MM-dd", CultureInfo.InvariantCulture);

    [Theory]
    [InlineData("2026-07-31", false, "2025-08-01", "2026-11-01")]
    [InlineData("2026-08-01", false, "2026-08-01", "2027-11-01")]
    [InlineData("2027-03-31", false, "2026-08-01", "2027-11-01")]
    [InlineData("2027-01-31", true, "2026-02-01", "2027-05-01")]
    [InlineData("2027-02-01", true, "2027-02-01", "2028-05-01")]
    public void The_season_that_is_worked_on_begins_with_the_end_of_summer(string day, bool south, string from, string to) =>
        Assert.Equal((D(from), D(to)), Winters.Shown(D(day), south));

    [Theory]
    [InlineData("2027-04-30", false, 2026, "2026-10-01")]
    [InlineData("2027-05-01", false, 2027, "2027-10-01")]
    [InlineData("2026-12-31", false, 2026, "2026-10-01")]
    [InlineData("2027-10-31", true, 2027, "2027-04-01")]
    [InlineData("2027-11-01", true, 2028, "2028-04-01")]
    public void Until_the_end_of_April_containers_are_set_out_for_this_winter(string day, bool south, int winter, string first)
    {
        Assert.Equal(winter, Winters.ToSetOut(D(day), south));
        Assert.Equal(D(first), Winters.SetOutFrom(winter, south));
    }
}
