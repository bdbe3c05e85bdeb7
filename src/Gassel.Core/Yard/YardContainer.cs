using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Yard;

/// <summary>One container that is out, with what the model says of its inside.</summary>
/// <param name="Life">How it stood and stands.</param>
public sealed record YardContainer(PartState Part, ContainerSetup Setup, ContainerLife Life, ContainerTale Tale, Species Species)
{
    /// <summary>How far its inside may be off, from some days ago to the last day told; null where nobody reckoned it.</summary>
    public ContainerBand? Band { get; init; }

    /// <summary>It comes up in the cool, and stops above 25 °C.</summary>
    public bool IsCool => EmergenceDays.IsCool(Species);

    public ContainerSetting SettingAt(DateTimeOffset at) => Life.At(at);

    /// <summary>What its seedlings stand, °C: less while they are just up. Null where none stand.</summary>
    public double? KillC(DateOnly today) =>
        Part.Standing <= 0
            ? null
            : Tale.Need.KillC
                + (
                    Part.Counts.Any(c => c.Emerged > 0 && today.DayNumber - c.On.DayNumber <= YardWatch.JustUpDays)
                        ? SpeciesOutdoors.JustUpK
                        : 0
                );

    /// <summary>What was seen goes before what the model says.</summary>
    /// <param name="hour">The last hour of the run that is over; negative before the first.</param>
    public ContainerStanding Stands(DateOnly today, int hour) =>
        Part.Standing > 0 ? ContainerStanding.Up
        : hour < 0 ? ContainerStanding.Unknown
        : Tale.Emergence?.T10 <= today ? ContainerStanding.Expected
        : Tale.ColdMetOn <= today ? ContainerStanding.Chilled
        : Tale.Run.MediumC[hour] < 0 ? ContainerStanding.Frozen
        : ContainerStanding.Chilling;
}
