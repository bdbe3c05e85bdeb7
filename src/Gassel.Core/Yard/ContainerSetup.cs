using System.Globalization;
using System.Text.Json.Serialization;

namespace Gassel.Core.Yard;

/// <summary>How the tops of containers are minded through the winter.</summary>
public enum CareStyle
{
    /// <summary>Off all winter: rain and snow water them.</summary>
    CapOff,

    /// <summary>Off by day, on by night.</summary>
    CapOnAtNight,

    /// <summary>On, and opened when it is warm enough.</summary>
    OpenByTemperature,

    /// <summary>No holes, on, and watered daily.</summary>
    NoHolesDailyWater,
}

public enum ContainerMix
{
    /// <summary>Seed mix: feed after the true leaves.</summary>
    LowNutrient,

    /// <summary>Potting mix.</summary>
    WithNutrients,
}

/// <summary>What is done to a container at the table, in order.</summary>
public enum PreparationStep
{
    DrainHoles,
    VentHoles,

    /// <summary>Cut around at a third of the height, a hinge left.</summary>
    Hinge,
    MixFilled,
    Moistened,
    Sown,
    TwoLabels,
    Taped,
}

/// <summary>A vessel that is none of the kinds with numbers.</summary>
/// <param name="Transmittance">Share of the sun that its wall lets in, 0 for an opaque one.</param>
public sealed record OwnVessel(double Litres, double HeightCm, double Transmittance);

/// <summary>What a container is and how it is kept.</summary>
/// <param name="Kind">Null for a vessel of one's own.</param>
/// <param name="Own">Of a vessel of one's own; null with a kind.</param>
public sealed record ContainerSetup(
    ContainerPreset? Kind, CareStyle Care = CareStyle.CapOff, ContainerMix Mix = ContainerMix.LowNutrient, double MixCm = 8, double StonesKg = 0, OwnVessel? Own = null)
{
    /// <summary>What is taken of one that nobody described.</summary>
    public static ContainerSetup Assumed { get; } = new(ContainerPreset.Jug4);

    [JsonIgnore]
    public ContainerParameters Parameters => Kind is { } kind ? ContainerParameters.Of(kind) : Own is { } own
        ? ContainerParameters.OfVessel(own.Litres, own.HeightCm, MixCm, own.Transmittance)
        : ContainerParameters.Of(ContainerPreset.Jug4);

    /// <summary>Without a lid, so that caps do not matter.</summary>
    [JsonIgnore]
    public bool HasLid => Kind is not ContainerPreset.Pot;

    /// <summary>How the cap stands where nobody touched it.</summary>
    [JsonIgnore]
    public CapPosition UsualCap => !HasLid ? CapPosition.Open : Care switch
    {
        CareStyle.CapOff => CapPosition.Off,
        CareStyle.CapOnAtNight => CapPosition.DayOffNightOn,
        _ => CapPosition.On,
    };
}

/// <summary>What to say of a container before it is used (common practice, no source).</summary>
public static class ContainerAdvice
{
    private const double LeastLitres = 2;
    private const double LeastHeightCm = 15;
    private const double OpaqueBelow = 0.2;

    /// <summary>Steps that a container goes through at the table, in order.</summary>
    public static IReadOnlyList<PreparationStep> Steps(ContainerSetup setup) =>
    [
        .. setup.Care == CareStyle.NoHolesDailyWater ? Array.Empty<PreparationStep>() : [PreparationStep.DrainHoles],
        .. setup.HasLid && setup.Kind != ContainerPreset.ColdFrame ? [PreparationStep.VentHoles, PreparationStep.Hinge] : Array.Empty<PreparationStep>(),
        PreparationStep.MixFilled, PreparationStep.Moistened, PreparationStep.Sown, PreparationStep.TwoLabels,
        .. setup.HasLid && setup.Kind != ContainerPreset.ColdFrame ? [PreparationStep.Taped] : Array.Empty<PreparationStep>(),
    ];

    /// <summary>How a step is done.</summary>
    public static string Words(PreparationStep step, ContainerSetup setup) => step switch
    {
        PreparationStep.DrainHoles => "drain holes in the bottom, six or more; blade and hot tools away from the hand, on a board",
        PreparationStep.VentHoles => "vent holes in the top",
        PreparationStep.Hinge => "cut around at a third of the height, a hinge of 30–50 mm left",
        PreparationStep.MixFilled => string.Create(CultureInfo.InvariantCulture, $"{setup.MixCm:0.#} cm of {(setup.Mix == ContainerMix.LowNutrient ? "low-nutrient seed mix" : "potting mix with nutrients")}; 7–10 cm is usual"),
        PreparationStep.Moistened => "mix moist through before the seed goes in; dry mix sheds water",
        PreparationStep.Sown => "sown, grit over seed that is not dust-fine and needs no light",
        PreparationStep.TwoLabels => "two labels, inside and outside, with day and both names",
        _ => "taped around the cut",
    };

    /// <summary>What speaks against it; empty for a good one.</summary>
    public static IReadOnlyList<string> Doubts(ContainerSetup setup)
    {
        var doubts = new List<string>();
        if (setup.Own is { } own)
        {
            if (own.Litres < LeastLitres) doubts.Add(string.Create(CultureInfo.InvariantCulture, $"Too small: {own.Litres:0.#} l dries and tips over; 2 to 4 l work."));
            if (own.HeightCm < LeastHeightCm) doubts.Add(string.Create(CultureInfo.InvariantCulture, $"Too low: {own.HeightCm:0.#} cm leaves seedlings no room over the mix; {LeastHeightCm:0} cm or more."));
            if (own.Transmittance < OpaqueBelow) doubts.Add("Opaque: seedlings under a closed lid get no light; clear or translucent works.");
        }
        if (setup.MixCm is < 7 or > 10 && setup.Kind is not (ContainerPreset.Pot or ContainerPreset.ColdFrame)) doubts.Add(string.Create(CultureInfo.InvariantCulture, $"{setup.MixCm:0.#} cm of mix: 7–10 cm is usual."));
        return doubts;
    }

    /// <summary>What to think of later.</summary>
    public static IReadOnlyList<string> Reminders(ContainerSetup setup) =>
    [
        .. setup.Mix == ContainerMix.LowNutrient ? ["Low-nutrient mix: feed after the true leaves, by the label."] : Array.Empty<string>(),
        .. setup.Care == CareStyle.NoHolesDailyWater ? ["Without holes: a little water every frost-free day, none where it stands wet."] : Array.Empty<string>(),
    ];

    /// <summary>Why it should not go out as it is; null where it may.</summary>
    public static string? WithoutHoles(ContainerSetup setup, IReadOnlyCollection<PreparationStep> done) =>
        setup.Care != CareStyle.NoHolesDailyWater && !done.Contains(PreparationStep.DrainHoles)
            ? "Its drain holes are not checked off: without them it floods in the first thaw. Drill them, or say that it is kept without holes and watered daily."
            : null;
}
