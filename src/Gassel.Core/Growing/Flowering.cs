using Gassel.Core.Climate;
using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>Whether plants flower in their first year, and when they first do.</summary>
public static class Flowering
{
    /// <param name="sown">On which the seed is sown.</param>
    /// <param name="comesUp">On which its seedlings are expected.</param>
    /// <param name="lastFrost">Usual last frost of the year they come up, <c>MM-dd</c>; null where nobody said.</param>
    public static string Words(Species species, DateOnly sown, DateOnly comesUp, string? lastFrost)
    {
        if (species.Planted is not { } planted)
            return "Not known when it flowers: nobody entered how long it lives.";
        var year = comesUp.Year;
        var first = year + planted.FlowersInYear - 1;
        var life = Text.Capital(planted.Cycle.Words());
        if (planted.FlowersInYear <= 1)
        {
            return planted.Cycle == LifeCycle.Annual
                ? Text.Of($"{life}: flowers in the year it comes up, {year}, and dies.")
                : Text.Of($"{life}: usually flowers in its first year, {year}.");
        }
        var dies = planted.Cycle == LifeCycle.Biennial ? ", and dies" : "";
        var usual = Text.Of($"{life}: usually first flowers in its {Ordinal(planted.FlowersInYear)} year, {first}{dies}.");
        if (planted.EarlyWeeks is not { } early)
            return usual;
        if (lastFrost is null)
            return Text.Of($"{usual} Sown {early} weeks before the last frost it may flower in its first; the last frost is not entered.");
        var weeks = (YearDay.In(lastFrost, year).DayNumber - sown.DayNumber) / 7;
        return weeks >= early
            ? Text.Of($"May flower in its first year, {year}: it is sown {weeks} weeks before the last frost, and {early} are enough.")
            : Text.Of($"{usual} Not in its first: that takes sowing {early} weeks or more before the last frost.");
    }

    internal static string Ordinal(int n) =>
        Text.Of(
            $"{n}{(n % 100 is >= 11 and <= 13 ? "th" : (n % 10) switch
            {
                1 => "st",
                2 => "nd",
                3 => "rd",
                _ => "th",
            })}"
        );
}
