namespace Gassel.Core.Treatments;

/// <summary>How seedlings of a kind grow on; what is null goes by what most kinds do.</summary>
/// <param name="LeaveHeightMm">Height at which they leave the tray, mm; used where they leave at a height.</param>
/// <param name="LeaveFromWeeks">Weeks after sowing from which they leave it; used where they leave by weeks.</param>
/// <param name="LeaveToWeeks">Weeks after sowing past which they are stunted.</param>
/// <param name="RepotWeeks">A potted plant wants the next pot after so many weeks; null where it can wait.</param>
public sealed record GrowingOn(
    LeaveClock? Leaves = null,
    double? LeaveHeightMm = null,
    int? LeaveFromWeeks = null,
    int? LeaveToWeeks = null,
    Appetite? Appetite = null,
    int? RepotWeeks = null
)
{
    public static GrowingOn AsMost { get; } = new();

    /// <summary>Where a kind leaves at a height that nobody gave, mm (our assumption).</summary>
    private const double UsualHeightMm = 50;

    /// <summary>Slow perennials leave the tray 8 to 12 weeks after sowing (common practice, no source).</summary>
    private const int UsualFromWeeks = 8;
    private const int UsualToWeeks = 12;

    public double LeavesAtMm => LeaveHeightMm ?? UsualHeightMm;

    public int LeavesFromWeeks => LeaveFromWeeks ?? UsualFromWeeks;

    public int LeavesToWeeks => Math.Max(LeavesFromWeeks, LeaveToWeeks ?? Math.Max(UsualToWeeks, LeavesFromWeeks));
}
