using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>Everything that follows from the entries of one batch.</summary>
/// <param name="Parts">In order of making; divided parts stay in for the record.</param>
/// <param name="Log">In order of the fold.</param>
/// <param name="Replanned">The last way on that was taken; null while the plan stands.</param>
public sealed record BatchState(
    IReadOnlyList<PartState> Parts,
    int SeedsStarted,
    IReadOnlyList<LoggedEntry> Log,
    long LastSequence,
    Replanned? Replanned = null
)
{
    /// <summary>Seeds cut open for tests, over all parts.</summary>
    public int SeedsCut => Parts.Sum(p => p.Cut?.Seeds ?? 0);

    /// <summary>Topics of the cautions that were read and recorded.</summary>
    public IReadOnlySet<string> CautionsRead { get; init; } = new HashSet<string>();

    public bool Started => SeedsStarted > 0;

    /// <summary>The parts that hold seed now.</summary>
    public IEnumerable<PartState> Living => Parts.Where(p => !p.Divided);

    /// <summary>Entries of the log that do not fit; every view asks for them, of every batch.</summary>
    public IReadOnlyList<LoggedEntry> InConflict { get; init; } = [];

    public IEnumerable<Conflict> Conflicts => InConflict.Select(l => l.Conflict!);

    /// <summary>Sprouted in treatment or emerged, over all parts.</summary>
    public int Germinated => Living.Sum(p => p.Germinated);

    public int Standing => Living.Sum(p => p.Standing);

    /// <summary>No more of its seed is awaited: every part is done, given up, or past its emergence.</summary>
    public bool IsSeedOver(BatchPlan plan) =>
        BooksClosedOn is not null
        || Living.All(p =>
            p.IsDone(plan)
            || p.ClosedOn is not null
            || (p.Open is { } open && plan.Steps[open.Step].Step.Kind > Treatments.StepKind.Germinate)
        );

    /// <summary>
    /// What a part that is moved away from another is called: its id and the next letter, for numbers are what splits give.
    /// </summary>
    public string NextPart(string part)
    {
        var taken = Parts.Select(p => p.Id).ToHashSet();
        var name = part;
        while (true)
        {
            var free = Enumerable.Range('a', 26).Select(letter => name + (char)letter).FirstOrDefault(id => !taken.Contains(id));
            if (free is not null)
                return free;
            name += 'z';
        }
    }

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

    /// <summary>Files of thermometers that lay in its containers, in order.</summary>
    public IReadOnlyList<InsideMeasured> Insides { get; init; } = [];
}
