using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>How seedlings of a kind grow on, in sentences.</summary>
public static class GrowingWords
{
    public static IReadOnlyList<string> Of(Species species)
    {
        var grows = species.GrowsOn;
        var words = new List<string>
        {
            species.LeavesTray switch
            {
                LeaveClock.Height => $"Leaves its tray at {Quantity.Length(grows.LeavesAtMm)}.",
                LeaveClock.Weeks => Text.Of($"Leaves its tray {grows.LeavesFromWeeks} to {grows.LeavesToWeeks} weeks after sowing."),
                LeaveClock.Never => "Thinned where it stands, not pricked out.",
                _ => "Leaves its tray at the first true leaves.",
            },
            $"Fed {(grows.Appetite ?? Appetite.Usual) switch
            {
                Appetite.Heavy => "every 7 to 10 days",
                Appetite.Little => "once, after potting",
                Appetite.Slow => "from two months on, then every three months",
                Appetite.None => "never",
                _ => "every two weeks",
            }}, by the label.",
        };
        if (grows.RepotWeeks is { } weeks)
            words.Add(Text.Of($"Into the next pot every {weeks} weeks, {RuleOfThumb.NextPotSmall} wider."));
        return words;
    }
}
