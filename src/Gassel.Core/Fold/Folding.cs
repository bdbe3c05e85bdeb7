using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Fold;

/// <summary>The fold while it runs: applies entry after entry to the parts of a batch.</summary>
internal sealed partial class Folding(BatchPlan plan)
{
    private readonly Dictionary<string, WorkingPart> _parts = new() { [BatchPlan.FirstPart] = new(BatchPlan.FirstPart, null) };
    private readonly List<string> _order = [BatchPlan.FirstPart];

    public int SeedsStarted { get; private set; }

    public HashSet<string> CautionsRead { get; } = [];

    public List<PartState> Parts() => _order.Select(id => _parts[id].Snapshot()).ToList();

    /// <summary>Applies the entry, or leaves everything as it was and says why.</summary>
    public Conflict? Apply(Entry entry) =>
        entry.DoneAt is { } at && !Moments.Fits(at, entry.DoneOn) ? new(entry.Id, ConflictCode.MomentOfAnotherDay)
        : BooksClosedOn is not null && entry.Payload is not (Note or PhotoTaken or Labelled or ResultJudged)
            ? new(entry.Id, ConflictCode.BooksClosed)
        : entry.Payload switch
        {
            StepStarted p => OnPart(entry, p.Part, part => Start(entry, p, part)),
            StepEnded p => OnPart(entry, p.Part, part => End(entry, p, part)),
            Check p => OnPart(entry, p.Part, part => Check(entry, p, part)),
            Inspected p => OnPart(entry, p.Part, part => Inspect(entry, p, part)),
            WaterChanged p => OnPart(entry, p.Part, part => ChangeWater(entry, part)),
            CautionRead p => Read(p),
            Labelled p => OnPart(entry, p.Part, part => Label(entry, part)),
            Split p => OnPart(entry, p.Part, part => Split(entry, p, part)),
            WaterLooked p => OnPart(entry, p.Part, part => LookAtWater(entry, p, part)),
            ColdAgain p => OnPart(entry, p.Part, part => Chill(entry, p, part)),
            ColdAgainEnded p => OnPart(entry, p.Part, part => EndChill(entry, p, part)),
            Moved p => OnPart(entry, p.Part, part => Move(entry, p, part)),
            Sown p => OnPart(entry, p.Part, part => Sow(entry, p, part)),
            Count p => OnPart(entry, p.Part, part => Count(entry, p, part)),
            Estimated p => OnPart(entry, p.Part, part => Estimate(entry, p, part)),
            CutTested p => OnPart(entry, p.Part, part => Cut(entry, p, part)),
            DomeOff p => OnPart(entry, p.Part, part => TakeDomeOff(entry, part)),
            SowingKept p => OnPart(entry, p.Part, part => Keep(entry, part)),
            SowingClosed p => OnPart(entry, p.Part, part => Close(entry, part)),
            Prepared p => OnPart(entry, p.Part, part => Prepare(p, part)),
            Tended p => OnPart(entry, p.Part, part => Tend(entry, p, part)),
            InsideMeasured p => OnPart(entry, p.Part, _ => Measure(p)),
            TrueLeaves p => OnPart(entry, p.Part, part => SeeTrueLeaves(entry, part)),
            MovedOn p => OnPart(entry, p.Part, part => MoveOn(entry, p, part)),
            Measured p => OnPart(entry, p.Part, part => Measure(entry, p, part)),
            SymptomSeen p => OnPart(entry, p.Part, part => SeeSymptom(entry, p, part)),
            WinterChosen p => OnPart(entry, p.Part, part => GoThroughWinter(entry, p, part)),
            WinterEnded p => OnPart(entry, p.Part, part => EndWinter(entry, part)),
            CarriedOut p => OnPart(entry, p.Part, part => CarryOut(entry, p, part)),
            PlantsLost p => OnPart(entry, p.Part, part => LosePlants(entry, p, part)),
            DiedBack p => OnPart(entry, p.Part, part => DieBack(entry, p, part)),
            CameAgain p => OnPart(entry, p.Part, part => ComeAgain(entry, p, part)),
            Closed => CloseBooks(entry),
            ResultJudged p => JudgeResult(p),
            StepLeftOut p => LeaveOut(entry, p),
            Discarded => Discard(entry),
            Replanned p => Replan(entry, p),
            Note p => OfPartOrAll(entry, p.Part),
            PhotoTaken p => OfPartOrAll(entry, p.Part),
            _ => new(entry.Id, ConflictCode.Unreadable),
        };

    private Conflict? OfPartOrAll(Entry entry, string? part) =>
        part is null || _parts.ContainsKey(part) ? null : new(entry.Id, ConflictCode.UnknownPart, part);

    public Replanned? LastReplan { get; private set; }

    /// <summary>Optional steps that are left out.</summary>
    public HashSet<int> LeftOut { get; } = [];

    public DateOnly? DiscardedOn { get; private set; }

    private Conflict? LeaveOut(Entry entry, StepLeftOut left)
    {
        if (left.Step < 0 || left.Step >= plan.Steps.Count)
            return new(entry.Id, ConflictCode.UnknownStep, null, left.Step, plan.Steps.Count - 1);
        // hardy kinds in a cool greenhouse are not hardened off
        if (!plan.Steps[left.Step].Step.Optional && plan.Steps[left.Step].Step.Kind != StepKind.HardenOff)
            return new(entry.Id, ConflictCode.NotOptional);
        LeftOut.Add(left.Step);
        return null;
    }

    private Conflict? Discard(Entry entry)
    {
        if (SeedsStarted > 0)
            return new(entry.Id, ConflictCode.AlreadyBegun);
        DiscardedOn = entry.DoneOn;
        return null;
    }

    /// <summary>What the grower last said of its result; null where nothing.</summary>
    public ResultJudged? Judged { get; private set; }

    private Conflict? JudgeResult(ResultJudged judged)
    {
        Judged = judged;
        return null;
    }

    private Conflict? Replan(Entry entry, Replanned replanned)
    {
        foreach (var step in replanned.Steps)
        {
            if (step.Step < 0 || step.Step >= plan.Steps.Count)
                return new(entry.Id, ConflictCode.UnknownStep, null, step.Step, plan.Steps.Count - 1);
        }
        LastReplan = replanned;
        return null;
    }

    private Conflict? OnPart(Entry entry, string id, Func<WorkingPart, Conflict?> apply)
    {
        if (!_parts.TryGetValue(id, out var part))
            return new(entry.Id, ConflictCode.UnknownPart, id);
        return part.Divided ? new(entry.Id, ConflictCode.PartDivided, id) : apply(part);
    }

    private Conflict? Start(Entry entry, StepStarted start, WorkingPart part)
    {
        if (start.Step < 0 || start.Step >= plan.Steps.Count)
        {
            return new(entry.Id, ConflictCode.UnknownStep, part.Id, start.Step, plan.Steps.Count - 1);
        }
        var kind = plan.Steps[start.Step].Step.Kind;
        // seed that took no water goes round again
        var again = part.IsSwollen == false && kind is StepKind.Scarify or StepKind.Soak;
        // a seedling outdoors began the watch already
        if (plan.Route.IsOutdoors && kind == StepKind.Germinate && part.Open?.Step == start.Step && part.Emerged > 0)
            return Stand(part, start.Place, start.Vessel, entry.DoneOn);
        if (!again && part.Open?.Step == start.Step)
            return new(entry.Id, ConflictCode.StepAlreadyStarted, part.Id);
        if (part.Spans.Count > 0 && part.Spans[^1].Step >= start.Step && !again)
            return new(entry.Id, ConflictCode.StepOutOfOrder, part.Id);
        if (kind > StepKind.Germinate && part.SownOn is null)
            return new(entry.Id, ConflictCode.NotSown, part.Id);
        if (part.Seeds == 0 && part.Cut is null && part.SownOn is null)
        {
            if (start.Seeds is not > 0)
                return new(entry.Id, ConflictCode.NoSeeds, part.Id);
            part.Seeds = start.Seeds.Value;
            SeedsStarted += start.Seeds.Value;
        }
        part.EndOpen(entry.DoneOn);
        part.Spans.Add(new(start.Step, entry.DoneOn, null, entry.Source == EntrySource.Told, entry.DoneAt));
        if (again)
            part.IsSwollen = null;
        if (kind == StepKind.Germinate || plan.IsSownAt(start.Step))
            part.SownOn ??= entry.DoneOn;
        return Stand(part, start.Place, start.Vessel, entry.DoneOn);
    }

    private static Conflict? End(Entry entry, StepEnded end, WorkingPart part)
    {
        if (part.Open?.Step != end.Step)
            return new(entry.Id, ConflictCode.StepNotOpen, part.Id);
        part.EndOpen(entry.DoneOn);
        return null;
    }

    private Conflict? Check(Entry entry, Check check, WorkingPart part)
    {
        // a tray is looked at too, but what comes up there is counted
        if (
            part.Open is not { } open
            || plan.Steps[open.Step].Step.Kind is var kind
                && (kind > StepKind.Germinate || (kind == StepKind.Germinate && check.Sprouted > 0))
        )
        {
            return new(entry.Id, ConflictCode.NotInTreatment, part.Id);
        }
        if (part.Sprouted + check.Sprouted > part.Seeds)
        {
            return new(entry.Id, ConflictCode.MoreSproutsThanSeeds, part.Id, check.Sprouted, part.Seeds - part.Sprouted);
        }
        part.Sprouted += check.Sprouted;
        part.Checks.Add(new(entry.Id, entry.DoneOn, check.Moisture, check.Mould, check.Sprouted, check.PlaceC, entry.Sequence, check.Care));
        return null;
    }

    private Conflict? Split(Entry entry, Split split, WorkingPart part)
    {
        if (part.SownOn is not null)
            return new(entry.Id, ConflictCode.AlreadySown, part.Id);
        if (split.Children.FirstOrDefault(c => _parts.ContainsKey(c.Part)) is { Part: not null } there)
        {
            return new(entry.Id, ConflictCode.PartExists, there.Part);
        }
        var seeds = split.Children.Sum(c => (long)c.Seeds);
        // seed that goes into its vessels before anything else is begun by being divided
        var begun = part.Seeds > 0 || part.Cut is not null || seeds > int.MaxValue;
        if (!begun)
            part.Seeds = (int)seeds;
        var sound =
            split.Children.Count >= 2
            && split.Children.All(c => c.Seeds > 0 && c.Sprouted >= 0 && c.Sprouted <= c.Seeds)
            && split.Children.Select(c => c.Part).Distinct().Count() == split.Children.Count
            && seeds == part.Seeds
            && split.Children.Sum(c => c.Sprouted) == part.Sprouted;
        if (!sound)
        {
            var held = begun ? part.Seeds : part.Seeds = 0;
            return new(entry.Id, ConflictCode.SplitDoesNotAddUp, part.Id, (int)Math.Min(seeds, int.MaxValue), held);
        }
        if (!begun)
            SeedsStarted += part.Seeds;
        foreach (var child in split.Children)
        {
            var made = part.Child(child.Part);
            (made.Seeds, made.Sprouted) = (child.Seeds, child.Sprouted);
            made.IsSwollen = child.Swollen ?? part.IsSwollen;
            _parts[child.Part] = made;
            _order.Add(child.Part);
        }
        part.EndOpen(entry.DoneOn);
        part.Divided = true;
        return null;
    }

    private Conflict? Inspect(Entry entry, Inspected inspected, WorkingPart part)
    {
        if (
            part.Open is not { } open
            || plan.Steps[open.Step].Step.Kind is not (StepKind.Scarify or StepKind.Soak or StepKind.Leach or StepKind.Imbibe)
        )
        {
            return new(entry.Id, ConflictCode.NotSoaking, part.Id);
        }
        if (inspected.Swollen > part.Seeds)
            return new(entry.Id, ConflictCode.MoreSwollenThanSoaked, part.Id, inspected.Swollen, part.Seeds);
        part.Inspections.Add(new(entry.Id, entry.DoneOn, part.Seeds, inspected.Swollen));
        if (inspected.Swollen == part.Seeds)
            part.IsSwollen = true;
        else if (inspected.Swollen == 0)
            part.IsSwollen = false;
        return null;
    }

    private Conflict? ChangeWater(Entry entry, WorkingPart part)
    {
        if (part.Open is not { } open || plan.Steps[open.Step].Step.Kind is not (StepKind.Soak or StepKind.Leach))
            return new(entry.Id, ConflictCode.NotSoaking, part.Id);
        part.WaterChanges.Add(new(entry.DoneOn, entry.DoneAt));
        return null;
    }

    private static Conflict? Label(Entry entry, WorkingPart part)
    {
        part.Labelled = (entry.DoneOn, part.Snapshot().LabelKey);
        return null;
    }

    private Conflict? Read(CautionRead caution)
    {
        CautionsRead.Add(caution.Topic);
        return null;
    }
}
