using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <summary>What to say of a container before it is used (common practice, no source).</summary>
public static class ContainerAdvice
{
    /// <summary>Half-gallon vessels work, a litre does not (common practice, no source).</summary>
    private const double LeastLitres = 1.5;
    private const double LeastHeightCm = 15;
    private const double OpaqueBelow = 0.2;

    /// <summary>Steps that a container goes through at the table, in order.</summary>
    public static IReadOnlyList<PreparationStep> Steps(ContainerSetup setup) =>
        [
            .. setup.Drains ? [PreparationStep.DrainHoles] : Array.Empty<PreparationStep>(),
            .. setup.HasLid && setup.Kind != ContainerPreset.ColdFrame
                ? [PreparationStep.VentHoles, PreparationStep.Hinge]
                : Array.Empty<PreparationStep>(),
            PreparationStep.MixFilled,
            PreparationStep.Moistened,
            PreparationStep.Sown,
            PreparationStep.TwoLabels,
            .. setup.HasLid && setup.Kind != ContainerPreset.ColdFrame ? [PreparationStep.Taped] : Array.Empty<PreparationStep>(),
            .. setup.IsStrawed ? [PreparationStep.Strawed] : Array.Empty<PreparationStep>(),
        ];

    /// <summary>How a step is done.</summary>
    public static string Words(PreparationStep step, ContainerSetup setup) =>
        step switch
        {
            PreparationStep.DrainHoles => "drain holes in the bottom, six or more; blade and hot tools away from the hand, on a board",
            PreparationStep.VentHoles => "vent holes in the top",
            PreparationStep.Hinge => $"cut around at a third of the height, a hinge of {RuleOfThumb.HingeLeft} left",
            PreparationStep.MixFilled => Text.Of(
                $"{Quantity.Length(10 * setup.MixCm)} of "
                    + $"{(setup.Mix == ContainerMix.LowNutrient ? "low-nutrient seed mix" : "potting mix with nutrients")}; "
                    + $"{RuleOfThumb.MixDeep} is usual"
            ),
            PreparationStep.Moistened => "mix moist through before the seed goes in, or filled dry and wicked from below for some hours",
            PreparationStep.Sown => "sown, grit over seed that is not dust-fine and needs no light",
            PreparationStep.TwoLabels => "two labels, inside and outside, with day and both names",
            PreparationStep.Strawed => "clean straw over the pots once the ground freezes, against heaving",
            _ => "taped at one point or all around the cut; both work",
        };

    /// <summary>What speaks against it; empty for a good one.</summary>
    public static IReadOnlyList<string> Doubts(ContainerSetup setup)
    {
        var doubts = new List<string>();
        if (setup.Own is { } own)
        {
            if (own.Litres < LeastLitres)
                doubts.Add(Text.Of($"Too small: {Quantity.Volume(own.Litres)} dries and tips over; {RuleOfThumb.VesselHolds} work."));
            else if (setup.IsSmall)
                doubts.Add(Text.Of($"Small: {Quantity.Volume(own.Litres)} works but dries faster; it is looked at every week."));
            if (own.HeightCm < LeastHeightCm)
                doubts.Add(
                    Text.Of(
                        $"Too low: {Quantity.Length(10 * own.HeightCm)} leaves seedlings no room over the mix; "
                            + $"{Quantity.Length(10 * LeastHeightCm)} or more."
                    )
                );
            if (own.Transmittance < OpaqueBelow)
                doubts.Add("Opaque: seedlings under a closed lid get no light; clear or translucent works.");
        }
        if (setup.MixCm is < 7 or > 10 && setup.Kind is not (ContainerPreset.Pot or ContainerPreset.ColdFrame))
            doubts.Add(Text.Of($"{Quantity.Length(10 * setup.MixCm)} of mix: {RuleOfThumb.MixDeep} is usual."));
        if (!setup.Drains && !setup.NeedsDailyWater && setup.Care == CareStyle.OpenByTemperature)
            doubts.Add("No holes, cap on and not watered: it dries out unnoticed. Give it a little water every frost-free day.");
        if (!setup.Drains && setup.Care == CareStyle.CapOff)
            doubts.Add("No holes and its cap off: rain and snow fill it. Holes, or the cap on.");
        return doubts;
    }

    /// <summary>What to think of later.</summary>
    public static IReadOnlyList<string> Reminders(ContainerSetup setup) =>
        [
            .. setup.Mix == ContainerMix.LowNutrient
                ? ["Low-nutrient mix: feed after the true leaves, by the label."]
                : Array.Empty<string>(),
            .. setup.NeedsDailyWater
                ? [$"{(setup.Drains ? "Watered daily" : "Without holes")}: a little water every frost-free day, none where it stands wet."]
                : Array.Empty<string>(),
            .. setup.IsStrawed
                ? ["Three quarters of the straw come off in early spring, the rest a month later; both will be on Rounds."]
                : Array.Empty<string>(),
        ];

    /// <summary>Why it should not go out as it is; null where it may.</summary>
    public static string? WithoutHoles(ContainerSetup setup, IReadOnlyCollection<PreparationStep> done) =>
        setup.Drains && !done.Contains(PreparationStep.DrainHoles)
            ? "Its drain holes are not checked off: without them it floods in the first thaw. Drill them, or say that "
                + "it is kept without holes."
            : null;
}
