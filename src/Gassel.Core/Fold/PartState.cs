using Gassel.Core.Germination;
using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>An amount of one batch that moves together.</summary>
/// <param name="Seeds">Seeds in it, sprouted ones included, those cut for tests not.</param>
/// <param name="Sprouted">Of these, seen sprouted in the treatment.</param>
/// <param name="Divided">True once split: its seed lives on in its children and it takes no more entries.</param>
public sealed record PartState(
    string Id,
    string? Parent,
    int Seeds,
    int Sprouted,
    IReadOnlyList<StepSpan> Spans,
    string? Place,
    Vessel? Vessel,
    IReadOnlyList<CheckRecord> Checks,
    IReadOnlyList<CountRecord> Counts,
    DateOnly? SownOn,
    bool Divided
)
{
    /// <summary>Looks at which the thermometer of the place was read; few of many.</summary>
    public IReadOnlyList<CheckRecord> PlaceReadings { get; } = [.. Checks.Where(c => c.PlaceC is not null)];

    /// <summary>Looks at soaked seed, those of the parts it came from included.</summary>
    public IReadOnlyList<InspectionRecord> Inspections { get; init; } = [];

    /// <summary>Since the last soak: true for seed that has taken water, false for seed that has not, null where nobody looked.</summary>
    public bool? IsSwollen { get; init; }

    public IReadOnlyList<WaterChange> WaterChanges { get; init; } = [];

    /// <summary>Null before sowing, and where it was only started.</summary>
    public SownAs? SownAs { get; init; }

    /// <summary>The number of seeds is an estimate, give or take so much; null where it was counted.</summary>
    public double? EstimatePercent { get; init; }

    /// <summary>All its seeds that were cut open; null where none were.</summary>
    public CutTest? Cut { get; init; }

    public DateOnly? DomeOffOn { get; init; }

    /// <summary>Day on which it was put by for another spring, the last where there were several.</summary>
    public DateOnly? KeptOn { get; init; }

    /// <summary>Day on which its seed was given up.</summary>
    public DateOnly? ClosedOn { get; init; }

    /// <summary>The winter container it is in; null where nobody described one.</summary>
    public ContainerSetup? Setup { get; init; }

    /// <summary>Steps of its preparation that were checked off.</summary>
    public IReadOnlyList<PreparationStep> Preparation { get; init; } = [];

    /// <summary>What was done to it in the yard, in order.</summary>
    public IReadOnlyList<TendingRecord> Tended { get; init; } = [];

    /// <summary>
    /// What the weather does with it outdoors; null indoors, and where no weather is known or it never comes up by it. Put beside the fold
    /// by who knows the weather.
    /// </summary>
    public OutdoorForecast? Outdoors { get; init; }

    /// <summary>
    /// Day on which the plants that harden off are ready, by the days out and the outlook; null outside that step. Put beside the fold by
    /// who knows the weather.
    /// </summary>
    public DateOnly? HardenedOn { get; init; }

    /// <summary>In a container or pot of its own outdoors, described or not.</summary>
    public bool IsContainer => Setup is not null || Vessel is { Kind: VesselKind.Container };

    /// <summary>A dome stands over it.</summary>
    public bool IsDomed => SownAs is { Dome: true } && DomeOffOn is null;

    /// <summary>Where it stood, in order.</summary>
    public IReadOnlyList<Stay> Stays { get; init; } = [];

    /// <summary>Colds it was given after it was sown, in order.</summary>
    public IReadOnlyList<ColdSpell> ColdsAgain { get; init; } = [];

    /// <summary>The cold it lies in now, of those given after it was sown; null outside one.</summary>
    public ColdSpell? SecondCold => ColdsAgain is [.., { End: null } last] ? last : null;

    /// <summary>Day from which it may come up: of its sowing, or of the end of the last cold after it; null before sowing.</summary>
    public DateOnly? WaitsFrom => ColdsAgain is [.., { End: { } end }] ? end : SownOn;

    /// <summary>Looks at its water since it was sown, those where it came from included.</summary>
    public IReadOnlyList<WaterLook> WaterLooks { get; init; } = [];

    /// <summary>Day of the last print of its labels; null where there was none.</summary>
    public DateOnly? LabelledOn { get; init; }

    /// <summary>What those labels told of, as <see cref="LabelKey"/>.</summary>
    public string? LabelledFor { get; init; }

    /// <summary>Changes where what stands on a label does: with the step and with the vessel.</summary>
    public string LabelKey => $"{LastStep}/{Vessel?.Label}";

    /// <summary>Where it stood that day, the place it came to last; null before the first.</summary>
    public string? PlaceOn(DateOnly day)
    {
        for (var i = Stays.Count - 1; i >= 0; i--)
        {
            if (Stays[i].From <= day)
                return Stays[i].Place;
        }
        return null;
    }

    public StepSpan? Open => Spans.Count > 0 && Spans[^1].End is null ? Spans[^1] : null;

    /// <summary>The books of its batch were closed.</summary>
    public bool BooksClosed { get; init; }

    /// <summary>
    /// Through the last step that the plan holds, and nothing open; or given up with nothing standing; or its books are closed.
    /// </summary>
    public bool IsDone(BatchPlan plan) =>
        BooksClosed
        || Spans.Count > 0 && ((Open is null && plan.NextStep(Spans[^1].Step) is null) || (ClosedOn is not null && Standing == 0));

    /// <summary>Sown, with plants that are not in the ground, or with seed that may still come up where none stands.</summary>
    public bool IsInVessel =>
        SownOn is not null
        && this is { BooksClosed: false, Divided: false }
        && (Plants.Growing > 0 || Plants.Dormant > 0 || (ClosedOn is null && Waiting > 0 && Plants.Alive == 0));

    /// <summary>Index of the last step begun; null before the first.</summary>
    public int? LastStep => Spans.Count > 0 ? Spans[^1].Step : null;

    public int Emerged => Counts.Sum(c => c.Emerged);

    public int Lost => Counts.Sum(c => c.Lost);

    /// <summary>Day on which the first true leaves were seen, or on which the first was pricked out; null before.</summary>
    public DateOnly? TrueLeavesOn { get; init; }

    /// <summary>Day of the last potting; null before.</summary>
    public DateOnly? PottedOn { get; init; }

    /// <summary>Width of the pot, as last said; null where nobody did.</summary>
    public double? PotCm { get; init; }

    /// <summary>Day on which the last of its plants went into the ground; null before.</summary>
    public DateOnly? PlantedOn { get; init; }

    /// <summary>Its way through the winter; null outside one.</summary>
    public WinterStay? Winter { get; init; }

    /// <summary>Day on which plants last died back for the season; null before.</summary>
    public DateOnly? DiedBackOn { get; init; }

    /// <summary>Day on which dormant plants last came up again.</summary>
    public DateOnly? CameAgainOn { get; init; }

    /// <summary>How tall its plants stood, in order.</summary>
    public IReadOnlyList<HeightSeen> Heights { get; init; } = [];

    /// <summary>What was seen to be wrong with it, in order; gone or not.</summary>
    public IReadOnlyList<SymptomTale> Symptoms { get; init; } = [];

    /// <summary>Days out to harden off.</summary>
    public IReadOnlyList<DayOut> DaysOut { get; init; } = [];

    /// <summary>Days out since a step began.</summary>
    public IReadOnlyList<DayOut> DaysOutOf(StepSpan step) => [.. DaysOut.Where(d => d.On >= step.Start)];

    /// <summary>
    /// Days that the open step has had: of the calendar, and of hardening off those on which they were out, once such are recorded.
    /// </summary>
    public int DaysIn(BatchPlan plan, DateOnly today) =>
        Open is not { } open ? 0
        : plan.Steps[open.Step].Step.Kind == Treatments.StepKind.HardenOff && DaysOutOf(open) is { Count: > 0 } been
            ? been.Count(d => d.On < today)
        : today.DayNumber - open.Start.DayNumber;

    /// <summary>Seedlings that left the sowing for a later stage.</summary>
    public int MovedOff { get; init; }

    /// <summary>Cells that came with it from the part it was moved away from, as they were then.</summary>
    public IReadOnlyList<CellSeen> CellsCame { get; init; } = [];

    /// <summary>Cells of its tray that went to another part, whole.</summary>
    public IReadOnlyList<int> CellsGone { get; init; } = [];

    /// <summary>Seedlings that came from the part it was moved away from.</summary>
    public int Arrived { get; init; }

    /// <summary>Day of their first; null where none came.</summary>
    public DateOnly? CameUpOn { get; init; }

    /// <summary>Day of its first seedling, here or where it came from; null before.</summary>
    public DateOnly? FirstUpOn => Counts.Where(c => c.Emerged > 0).Select(c => (DateOnly?)c.On).Append(CameUpOn).Min();

    /// <summary>Its plants by stage.</summary>
    public PlantTally Plants { get; init; } = PlantTally.None;

    /// <summary>Seedlings that stand where they came up; those that died back for the season are not counted.</summary>
    public int Standing => Emerged + Arrived - Lost - MovedOff - Plants.At(PlantStage.Seedling).Dormant;

    /// <summary>Seeds seen with a root, for kinds that root one season and shoot the next.</summary>
    public int Rooted => Counts.Sum(c => c.Rooted);

    /// <summary>
    /// Seeds known to have germinated. Seedlings of a part come from its sprouted seed first, so a sprout that emerges
    /// is not counted twice.
    /// </summary>
    public int Germinated => Math.Max(Math.Max(Sprouted, Rooted), Emerged);

    /// <summary>Seed that was not seen to germinate yet.</summary>
    public int Waiting => Seeds - Math.Max(Math.Max(Sprouted, Rooted), Emerged);

    /// <summary>
    /// Counts by days since its own sowing, those of one day together. Seedlings seen on the day of sowing count at half a day.
    /// </summary>
    public IReadOnlyList<SeedlingCount> CountsSinceSowing() => SinceSowing(c => c.Emerged);

    /// <summary>Roots in the same way.</summary>
    public IReadOnlyList<SeedlingCount> RootsSinceSowing() => SinceSowing(c => c.Rooted);

    private List<SeedlingCount> SinceSowing(Func<CountRecord, int> number) =>
        SownOn is not { } sown
            ? []
            :
            [
                .. Counts
                    .GroupBy(c => c.On.DayNumber - sown.DayNumber)
                    .OrderBy(g => g.Key)
                    .Select(g => new SeedlingCount(g.Key > 0 ? g.Key : 0.5, g.Sum(number))),
            ];
}
