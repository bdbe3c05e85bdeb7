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
}
