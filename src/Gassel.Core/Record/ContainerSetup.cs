using System.Text.Json.Serialization;

namespace Gassel.Core.Record;

/// <summary>What a container is and how it is kept.</summary>
/// <param name="Kind">Null for a vessel of one's own.</param>
/// <param name="Own">Of a vessel of one's own; null with a kind.</param>
/// <param name="Holes">It drains.</param>
/// <param name="WateredDaily">A little water every frost-free day.</param>
public sealed record ContainerSetup(
    ContainerPreset? Kind,
    CareStyle Care = CareStyle.CapOff,
    ContainerMix Mix = ContainerMix.LowNutrient,
    double MixCm = 8,
    double StonesKg = 0,
    OwnVessel? Own = null,
    bool Holes = true,
    bool WateredDaily = false
)
{
    /// <summary>What is taken of one that nobody described.</summary>
    public static ContainerSetup Assumed { get; } = new(ContainerPreset.Jug4);

    [JsonIgnore]
    public bool Drains => Holes && Care != CareStyle.NoHolesDailyWater;

    [JsonIgnore]
    public bool NeedsDailyWater => WateredDaily || Care == CareStyle.NoHolesDailyWater;

    /// <summary>Under straw through the winter.</summary>
    [JsonIgnore]
    public bool IsStrawed => Kind is ContainerPreset.Pot;

    /// <summary>Below two litres it dries faster and is looked at more often (common practice, no source: 1.9 l work).</summary>
    [JsonIgnore]
    public bool IsSmall => Own is { Litres: < 2 };

    /// <summary>Without a lid, so that caps do not matter.</summary>
    [JsonIgnore]
    public bool HasLid => Kind is not ContainerPreset.Pot;

    /// <summary>How the cap stands where nobody touched it.</summary>
    [JsonIgnore]
    public CapPosition UsualCap =>
        !HasLid
            ? CapPosition.Open
            : Care switch
            {
                CareStyle.CapOff => CapPosition.Off,
                CareStyle.CapOnAtNight => CapPosition.DayOffNightOn,
                _ => CapPosition.On,
            };
}
