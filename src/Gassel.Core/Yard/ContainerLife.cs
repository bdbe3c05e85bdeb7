using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <summary>How a container stood hour by hour, from what was recorded of it.</summary>
/// <param name="Stood">In order, at least one.</param>
/// <param name="Tended">In order.</param>
public sealed record ContainerLife(
    ContainerSetup Setup,
    IReadOnlyList<ExposureFrom> Stood,
    IReadOnlyList<TendingRecord> Tended,
    TimeSpan Offset
)
{
    /// <summary>The setting in force at an hour.</summary>
    public ContainerSetting At(DateTimeOffset at)
    {
        var (cap, shelter) = (Setup.UsualCap, Shelter.None);
        foreach (var done in Tended)
        {
            if (Moment(done) > at)
                break;
            cap = Setup.HasLid ? Tendings.Cap(done.What, Setup) ?? cap : cap;
            shelter = Tendings.ShelterAfter(done.What) ?? shelter;
        }
        var exposure = Stood[0].Exposure;
        var date = DateOnly.FromDateTime(at.ToOffset(Offset).DateTime);
        foreach (var stay in Stood)
        {
            if (stay.From <= date)
                exposure = stay.Exposure;
        }
        return new(cap, exposure, shelter);
    }

    private DateTimeOffset Moment(TendingRecord done) => done.At ?? new DateTimeOffset(done.On.ToDateTime(new(12, 0)), Offset);

    /// <summary>The same for containers that lived alike, so that one run serves them all.</summary>
    public string Key =>
        string.Join(
            '|',
            Setup,
            Offset,
            string.Join(',', Stood),
            string.Join(
                ',',
                Tended
                    .Where(t => Tendings.Cap(t.What, Setup) is not null || Tendings.ShelterAfter(t.What) is not null)
                    .Select(t => (Moment(t).ToUnixTimeSeconds(), t.What))
            )
        );
}
