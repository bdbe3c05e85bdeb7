using System.Globalization;
using System.Text.RegularExpressions;
using Gassel.Core.Planning;
using Gassel.Web.Features.Book;

namespace Gassel.Web.Features.Wishes;

/// <summary>Reads when the plants of a wish are wanted.</summary>
internal sealed partial class WishDays(bool monthFirst, DateOnly today)
{
    public const string Valid =
        "a day such as 15 May 2027 or 15 May, last frost, 2 weeks after frost, autumn, a year, or nothing for the next last frost";

    private readonly TypedDay _days = new(monthFirst);

    /// <summary>Null where it cannot be read.</summary>
    public WishWhen? Read(string text)
    {
        var words = text.Trim().ToLowerInvariant();
        if (words is "" or "spring" or "next spring" || Frost().IsMatch(words))
            return WishWhen.NextSpring;
        if (_days.From(text, today) is { } day)
            return day.Year is > 2000 and < 2200 ? new(WishWhenKind.OnDay, day) : null;
        if (
            Weeks().Match(words) is { Success: true } weeks
            && int.TryParse(weeks.Groups["n"].Value, CultureInfo.InvariantCulture, out var n)
        )
        {
            var before = weeks.Groups["side"].Value == "before";
            return n <= 52 ? new(WishWhenKind.FromLastFrost, Weeks: before ? -n : n) : null;
        }
        if (Season().Match(words) is { Success: true } season)
        {
            int? year = season.Groups["year"].Success ? int.Parse(season.Groups["year"].Value, CultureInfo.InvariantCulture) : null;
            if (year is < 2000 or > 2199)
                return null;
            return new(season.Groups["what"].Value is "autumn" or "fall" ? WishWhenKind.Autumn : WishWhenKind.FromLastFrost, Year: year);
        }
        return null;
    }

    [GeneratedRegex("^((at|by|after) )?(the )?(last )?frost$")]
    private static partial Regex Frost();

    [GeneratedRegex(@"^(?<n>\d{1,2}) ?(w|weeks?) (?<side>after|before)( the)?( last)? frost$")]
    private static partial Regex Weeks();

    [GeneratedRegex(@"^((?<what>autumn|fall|spring)( (?<year>\d{4}))?|(?<year>\d{4}))$")]
    private static partial Regex Season();
}
