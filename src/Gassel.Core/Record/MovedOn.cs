namespace Gassel.Core.Record;

/// <summary>Plants came a stage further: pricked out, potted, hardened, planted. Stages may be passed over; from potted to potted they
/// are potted again.</summary>
/// <param name="Into">What they are in now, as it is labelled; null where that is the same.</param>
/// <param name="Divided">Several that stood in one cell were taken apart.</param>
/// <param name="PotCm">Width of the pot they are in now; null where nobody said.</param>
/// <param name="Mix">What they stand in, part by part; null where nobody said.</param>
public sealed record MovedOn(
    string Part,
    PlantStage From,
    PlantStage To,
    int Plants,
    string? Into = null,
    double? SpacingCm = null,
    bool Divided = false,
    double? PotCm = null,
    IReadOnlyList<MixShare>? Mix = null
) : EntryPayload
{
    /// <summary>Into the next pot; the stage stays.</summary>
    public bool IsRepotting() => From == PlantStage.Potted && To == PlantStage.Potted;
}
