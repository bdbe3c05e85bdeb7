using Gassel.Core.Germination;
using Gassel.Core.Growing;
using Gassel.Core.Yard;

namespace Gassel.Core.Batches;

/// <summary>A step a part was or is in. <c>End</c> is null while it lasts.</summary>
/// <param name="Told">Its beginning was told afterwards: nobody watched it in this book.</param>
/// <param name="StartedAt">The moment, where hours matter and it was recorded.</param>
public sealed record StepSpan(int Step, DateOnly Start, DateOnly? End, bool Told = false, DateTimeOffset? StartedAt = null);

/// <summary>Where a part stood, from a day on.</summary>
public readonly record struct Stay(string Place, DateOnly From);

/// <summary>A check as recorded.</summary>
/// <param name="Sequence">Of its entry.</param>
public sealed record CheckRecord(Guid Entry, DateOnly On, Moisture Moisture, MouldSeen Mould, int Sprouted, double? PlaceC = null, long Sequence = 0);

/// <summary>A change of water as recorded.</summary>
public readonly record struct WaterChange(DateOnly On, DateTimeOffset? At);

/// <summary>A count as recorded.</summary>
public sealed record CountRecord(Guid Entry, DateOnly On, int Emerged, int Lost, LossCause Cause, int Rooted = 0, IReadOnlyList<CountSpot>? Spots = null);

/// <summary>A day out to harden off, as recorded.</summary>
public readonly record struct DayOut(DateOnly On, int? Hours);

/// <summary>How a part was sown. Nulls where nobody said.</summary>
public sealed record SownAs(double? DepthMm, SowCover? Cover, int? SeedsPerCell, IReadOnlyList<int>? Cells, bool Dome);

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
    bool Divided)
{
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

    /// <summary>What the weather does with it outdoors; null indoors, and where no weather is known or it never comes up by it. Put beside the fold by who knows the weather.</summary>
    public OutdoorForecast? Outdoors { get; init; }

    /// <summary>Day on which the plants that harden off are ready, by the days out and the outlook; null outside that step. Put beside the fold by who knows the weather.</summary>
    public DateOnly? HardenedOn { get; init; }

    /// <summary>In a container or pot of its own outdoors, described or not.</summary>
    public bool IsContainer => Setup is not null || Vessel is { Kind: VesselKind.Container };

    /// <summary>A dome stands over it.</summary>
    public bool IsDomed => SownAs is { Dome: true } && DomeOffOn is null;

    /// <summary>Where it stood, in order.</summary>
    public IReadOnlyList<Stay> Stays { get; init; } = [];

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
            if (Stays[i].From <= day) return Stays[i].Place;
        }
        return null;
    }

    /// <summary>Troubles of places that it was there for, since the step it is in began; none for a part in no step.</summary>
    /// <param name="zone">Of the site: stays go by days.</param>
    public IEnumerable<PlaceTrouble> Touched(IReadOnlyDictionary<string, IReadOnlyList<PlaceTrouble>> byPlace, TimeZoneInfo zone)
    {
        if (Open is not { } open) return [];
        DateOnly Day(DateTimeOffset at) => DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(at, zone).DateTime);
        return Stays.SelectMany((stay, i) => byPlace.GetValueOrDefault(stay.Place, []).Where(t =>
                (t.To is not { } to || Day(to) >= Later(stay.From, open.Start)) && (i + 1 == Stays.Count || Day(t.From) < Stays[i + 1].From)))
            .OrderBy(t => t.IsPresent).ThenBy(t => t.From);

        static DateOnly Later(DateOnly a, DateOnly b) => a > b ? a : b;
    }

    public StepSpan? Open => Spans.Count > 0 && Spans[^1].End is null ? Spans[^1] : null;

    /// <summary>The books of its batch were closed.</summary>
    public bool BooksClosed { get; init; }

    /// <summary>Through the last step that the plan holds, and nothing open; or given up with nothing standing; or its books are closed.</summary>
    public bool IsDone(BatchPlan plan) => BooksClosed || Spans.Count > 0 && ((Open is null && plan.NextStep(Spans[^1].Step) is null) || (ClosedOn is not null && Standing == 0));

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

    /// <summary>Day on which plants last died back for the season; null before.</summary>
    public DateOnly? DiedBackOn { get; init; }

    /// <summary>Day on which dormant plants last came up again.</summary>
    public DateOnly? CameAgainOn { get; init; }

    /// <summary>Days out to harden off.</summary>
    public IReadOnlyList<DayOut> DaysOut { get; init; } = [];

    /// <summary>Days out since a step began.</summary>
    public IReadOnlyList<DayOut> DaysOutOf(StepSpan step) => [.. DaysOut.Where(d => d.On >= step.Start)];

    /// <summary>Days that the open step has had: of the calendar, and of hardening off those on which they were out, once such are recorded.</summary>
    public int DaysIn(BatchPlan plan, DateOnly today) => Open is not { } open ? 0
        : plan.Steps[open.Step].Step.Kind == Treatments.StepKind.HardenOff && DaysOutOf(open) is { Count: > 0 } been ? been.Count(d => d.On < today)
        : today.DayNumber - open.Start.DayNumber;

    /// <summary>Seedlings that left the sowing for a later stage.</summary>
    public int MovedOff { get; init; }

    /// <summary>Its plants by stage.</summary>
    public PlantTally Plants { get; init; } = PlantTally.None;

    /// <summary>Seedlings that stand where they came up; those that died back for the season are not counted.</summary>
    public int Standing => Emerged - Lost - MovedOff - Plants.At(PlantStage.Seedling).Dormant;

    /// <summary>Seeds seen with a root, for kinds that root one season and shoot the next.</summary>
    public int Rooted => Counts.Sum(c => c.Rooted);

    /// <summary>
    /// Seeds known to have germinated. Seedlings of a part come from its sprouted seed first, so a sprout that emerges
    /// is not counted twice.
    /// </summary>
    public int Germinated => Math.Max(Math.Max(Sprouted, Rooted), Emerged);

    /// <summary>
    /// Counts by days since its own sowing, those of one day together. Seedlings seen on the day of sowing count at half a day.
    /// </summary>
    public IReadOnlyList<SeedlingCount> CountsSinceSowing() => SinceSowing(c => c.Emerged);

    /// <summary>Roots in the same way.</summary>
    public IReadOnlyList<SeedlingCount> RootsSinceSowing() => SinceSowing(c => c.Rooted);

    private List<SeedlingCount> SinceSowing(Func<CountRecord, int> number) => SownOn is not { } sown
        ? []
        : [.. Counts.GroupBy(c => c.On.DayNumber - sown.DayNumber)
            .OrderBy(g => g.Key)
            .Select(g => new SeedlingCount(g.Key > 0 ? g.Key : 0.5, g.Sum(number)))];
}

public enum EntryFate
{
    Counted,
    TakenBack,

    /// <summary>Cannot be true beside what else is recorded; kept, not counted.</summary>
    InConflict,

    /// <summary>A void whose entry has not arrived yet.</summary>
    Held,
}

/// <summary>A line of the log: the entry and what became of it.</summary>
public sealed record LoggedEntry(Entry Entry, EntryFate Fate, Conflict? Conflict);

/// <summary>Everything that follows from the entries of one batch.</summary>
/// <param name="Parts">In order of making; divided parts stay in for the record.</param>
/// <param name="Log">In order of the fold.</param>
/// <param name="Replanned">The last way on that was taken; null while the plan stands.</param>
public sealed record BatchState(
    IReadOnlyList<PartState> Parts,
    int SeedsStarted,
    IReadOnlyList<LoggedEntry> Log,
    long LastSequence,
    Replanned? Replanned = null)
{
    /// <summary>Seeds cut open for tests, over all parts.</summary>
    public int SeedsCut => Parts.Sum(p => p.Cut?.Seeds ?? 0);

    /// <summary>Topics of the cautions that were read and recorded.</summary>
    public IReadOnlySet<string> CautionsRead { get; init; } = new HashSet<string>();

    public bool Started => SeedsStarted > 0;

    /// <summary>The parts that hold seed now.</summary>
    public IEnumerable<PartState> Living => Parts.Where(p => !p.Divided);

    public IEnumerable<Conflict> Conflicts => Log.Where(l => l.Conflict is not null).Select(l => l.Conflict!);

    /// <summary>Sprouted in treatment or emerged, over all parts.</summary>
    public int Germinated => Living.Sum(p => p.Germinated);

    public int Standing => Living.Sum(p => p.Standing);

    /// <summary>No more of its seed is awaited: every part is done, given up, or past its emergence.</summary>
    public bool IsSeedOver(BatchPlan plan) => BooksClosedOn is not null || Living.All(p => p.IsDone(plan) || p.ClosedOn is not null || (p.Open is { } open && plan.Steps[open.Step].Step.Kind > Treatments.StepKind.Germinate));

    /// <summary>Plants by stage, over all parts.</summary>
    public PlantTally Plants => PlantTally.Of(Living.Select(p => p.Plants));

    /// <summary>Day on which its books were closed; null while they are open.</summary>
    public DateOnly? BooksClosedOn { get; init; }

    /// <summary>Optional steps that are left out, by index.</summary>
    public IReadOnlySet<int> LeftOut { get; init; } = new HashSet<int>();

    /// <summary>Day on which the plan was given up before anything began; null otherwise.</summary>
    public DateOnly? DiscardedOn { get; init; }

    /// <summary>What the grower last said of whether its result teaches; null where nothing.</summary>
    public ResultJudged? ResultJudged { get; init; }
}
