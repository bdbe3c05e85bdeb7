namespace Gassel.Core.Planning;

/// <summary>How a plan that may be late is taken on.</summary>
public enum PlanChoice
{
    /// <summary>Usual durations, counted from the anchor, even where the start is past.</summary>
    Usual,
    Shorten,
    SkipOptional,
    MoveTarget,
    NextSeason,
}
