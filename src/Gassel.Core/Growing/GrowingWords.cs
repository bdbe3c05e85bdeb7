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
            (grows.Appetite ?? Appetite.Usual) switch
            {
                Appetite.Heavy => "Fed every 7 to 10 days, by the label.",
                Appetite.Little => "Fed once, after potting, by the label.",
                Appetite.Slow => "Fed from two months on, then every three months, by the label.",
                Appetite.None => "Not fed.",
                _ => "Fed every two weeks, by the label.",
            },
        };
        if (grows.RepotWeeks is { } weeks)
            words.Add(Text.Of($"Into the next pot every {weeks} weeks, {RuleOfThumb.NextPotSmall} wider."));
        return words;
    }
}
