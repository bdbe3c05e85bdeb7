using Gassel.Core.Record;

namespace Gassel.Core.Due;

/// <summary>How a grower works, as far as due work hangs on it.</summary>
/// <param name="Check">How often bags are looked at.</param>
/// <param name="SeedMix">That seed is sown into indoors; it decides when seedlings are fed.</param>
/// <param name="Dome">When a dome comes off.</param>
/// <param name="GroundOpens">Plants go into the ground from this day on; null where they may now.</param>
public sealed record DuePractice(
    CheckSchool Check = CheckSchool.Weekly,
    ContainerMix SeedMix = ContainerMix.LowNutrient,
    DateOnly? GroundOpens = null,
    DomeSchool Dome = DomeSchool.WhicheverFirst
)
{
    public static DuePractice Usual { get; } = new();
}
