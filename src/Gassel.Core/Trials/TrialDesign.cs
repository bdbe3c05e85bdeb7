namespace Gassel.Core.Trials;

/// <summary>A trial as it was laid out. What happens in it is in the entries of its batches.</summary>
/// <param name="Changed">The one thing that is changed, in words.</param>
/// <param name="SeedsPerCell">Null without cells.</param>
/// <param name="RandomSeed">From which the layout follows, so that it can be drawn again.</param>
/// <param name="Blind">Who counts does not see which arm it is until the trial is ended.</param>
/// <param name="EndedOn">Null while it runs.</param>
public sealed record TrialDesign(
    string Name,
    string Changed,
    int LotId,
    TrialLayout Layout,
    IReadOnlyList<TrialArm> Arms,
    IReadOnlyList<TrialVessel> Vessels,
    IReadOnlyList<TrialPlot> Plots,
    int? SeedsPerCell,
    int RandomSeed,
    bool Blind,
    DateOnly? EndedOn = null
)
{
    public bool IsBlindNow => Blind && EndedOn is null;

    /// <summary>What differs between an arm and the control beside the name, in words; one thing if the trial is clean.</summary>
    public IReadOnlyList<string> Differences(TrialArm arm)
    {
        if (Arms.FirstOrDefault(a => a.IsControl) is not { } control || arm.IsControl)
            return [];
        var found = new List<string>();
        if (arm.RouteId != control.RouteId)
            found.Add("route");
        if (arm.DepthMm != control.DepthMm)
            found.Add("depth");
        if (arm.Cover != control.Cover)
            found.Add("cover");
        if (arm.Place != control.Place)
            found.Add("place");
        if (arm.Mix != control.Mix)
            found.Add("mix");
        if (arm.Filling != control.Filling)
            found.Add("filling");
        if (arm.Water != control.Water)
            found.Add("water");
        if (arm.Vessel != control.Vessel)
            found.Add("vessel");
        if (arm.Setup is { } own && control.Setup is { } other)
        {
            if ((own.Kind, own.Own) != (other.Kind, other.Own))
                found.Add("vessel");
            if (own.Care != other.Care || own.Holes != other.Holes || own.WateredDaily != other.WateredDaily)
                found.Add("care of the top");
            if ((own.Mix, own.MixCm) != (other.Mix, other.MixCm))
                found.Add("mix");
            if (own.StonesKg != other.StonesKg)
                found.Add("stones");
        }
        return found;
    }

    /// <summary>What a reader of the result should know of the design; empty where it is clean.</summary>
    public IReadOnlyList<string> Warnings() =>
        [
            .. Arms.Select(a => (a, Differences(a)))
                .Where(t => t.Item2.Count > 1)
                .Select(t =>
                    $"{t.a.Name} differs from the control in {string.Join(" and ", t.Item2)}: which of them did it cannot be told."
                ),
            .. IsConfounded
                ? ["One vessel an arm: vessel and treatment cannot be told apart. Two or more of each would."]
                : Array.Empty<string>(),
            .. Arms.Select(a => a.Seeds).Distinct().Count() > 1
                ? ["The arms hold different numbers of seeds; equal ones show most."]
                : Array.Empty<string>(),
        ];

    /// <summary>Each arm stands in one vessel that it shares with no other.</summary>
    public bool IsConfounded => Layout == TrialLayout.OwnVessels && Arms.Select((_, i) => i).Any(i => Plots.Count(p => p.Arm == i) == 1);
}
