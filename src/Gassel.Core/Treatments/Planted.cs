namespace Gassel.Core.Treatments;

/// <summary>How a kind lives where it is planted.</summary>
/// <param name="FlowersInYear">Year of its life in which it usually first flowers; 1 is the year it comes up.</param>
/// <param name="EarlyWeeks">Weeks before the last frost from which, sown then, it may flower in its first year; null for never.</param>
/// <param name="SpacingCm">Between plants, cm; null where nobody gave it.</param>
/// <param name="Darkest">Least light it takes.</param>
/// <param name="Driest">Driest ground it takes.</param>
public sealed record Planted(
    LifeCycle Cycle,
    int FlowersInYear,
    double? SpacingCm,
    SiteLight Darkest,
    SiteLight Brightest,
    SiteMoisture Driest,
    SiteMoisture Wettest,
    int? EarlyWeeks = null
);
