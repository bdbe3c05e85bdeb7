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

    /// <summary>On, no holes, watered daily: as it was recorded before holes and water were told apart from the cap.</summary>
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

    /// <summary>Straw over pots, against heaving.</summary>
    Strawed,
}

/// <summary>A vessel that is none of the kinds with numbers.</summary>
/// <param name="Transmittance">Share of the sun that its wall lets in, 0 for an opaque one.</param>
public sealed record OwnVessel(double Litres, double HeightCm, double Transmittance);

/// <summary>What a container is and how it is kept.</summary>
/// <param name="Kind">Null for a vessel of one's own.</param>
/// <param name="Own">Of a vessel of one's own; null with a kind.</param>
/// <param name="Holes">It drains.</param>
/// <param name="WateredDaily">A little water every frost-free day.</param>
public sealed record ContainerSetup(
    ContainerPreset? Kind, CareStyle Care = CareStyle.CapOff, ContainerMix Mix = ContainerMix.LowNutrient, double MixCm = 8, double StonesKg = 0, OwnVessel? Own = null,
    bool Holes = true, bool WateredDaily = false)
{
    /// <summary>What is taken of one that nobody described.</summary>
    public static ContainerSetup Assumed { get; } = new(ContainerPreset.Jug4);

    [JsonIgnore]
    public ContainerParameters Parameters => Kind is { } kind ? ContainerParameters.Of(kind) : Own is { } own
        ? ContainerParameters.OfVessel(own.Litres, own.HeightCm, MixCm, own.Transmittance)
        : ContainerParameters.Of(ContainerPreset.Jug4);

    [JsonIgnore]
    public bool Drains => Holes && Care != CareStyle.NoHolesDailyWater;

    [JsonIgnore]
    public bool NeedsDailyWater => WateredDaily || Care == CareStyle.NoHolesDailyWater;

    /// <summary>Under straw through the winter.</summary>
    [JsonIgnore]
    public bool IsStrawed => Kind is ContainerPreset.Pot;

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
