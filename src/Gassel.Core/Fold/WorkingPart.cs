using Gassel.Core.Germination;
using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>A part while the fold runs.</summary>
internal sealed class WorkingPart(string id, string? parent)
{
    public string Id { get; } = id;
    public string? Parent { get; } = parent;
    public int Seeds { get; set; }
    public int Sprouted { get; set; }
    public List<StepSpan> Spans { get; init; } = [];
    public string? Place { get; set; }
    public Vessel? Vessel { get; set; }
    public List<CheckRecord> Checks { get; } = [];
    public List<CountRecord> Counts { get; } = [];
    public List<InspectionRecord> Inspections { get; } = [];
    public List<WaterChange> WaterChanges { get; } = [];
    public List<ColdSpell> ColdsAgain { get; } = [];
    public List<Stay> Stays { get; } = [];
    public List<WaterLook> WaterLooks { get; } = [];
    public bool? IsSwollen { get; set; }
    public (DateOnly On, string For)? Labelled { get; set; }
    public SownAs? SownAs { get; set; }

    /// <summary>Cells that hold it; empty where it is not in cells.</summary>
    public IReadOnlyList<int> Cells =>
        SownOn is null ? [] : SownAs?.Cells ?? (Vessel?.Cells is { } all ? [.. Enumerable.Range(1, all)] : []);

    /// <summary>Cells that came with it from another part, as they were then.</summary>
    public IReadOnlyList<CellSeen> CellsCame { get; set; } = [];

    /// <summary>Cells that went from it to another part.</summary>
    public List<int> CellsGone { get; } = [];
    public double? EstimatePercent { get; set; }
    public CutTest? Cut { get; set; }
    public DateOnly? DomeOffOn { get; set; }
    public ContainerSetup? Setup { get; set; }
    public IReadOnlyList<PreparationStep> Preparation { get; set; } = [];
    public List<TendingRecord> Tended { get; } = [];
    public DateOnly? TrueLeavesOn { get; set; }
    public DateOnly? PottedOn { get; set; }
    public double? PotCm { get; set; }
    public DateOnly? PlantedOn { get; set; }
    public WinterStay? Winter { get; set; }
    public DateOnly? DiedBackOn { get; set; }
    public DateOnly? CameAgainOn { get; set; }
    public List<DayOut> DaysOut { get; } = [];
    public List<HeightSeen> Heights { get; } = [];
    public List<SymptomTale> Symptoms { get; } = [];
    public DateOnly? KeptOn { get; set; }
    public DateOnly? ClosedOn { get; set; }
    public DateOnly? SownOn { get; set; }
    public bool Divided { get; set; }
    public bool BooksClosed { get; set; }
    public int Emerged { get; set; }
    public int Lost { get; set; }
    public int Rooted { get; set; }

    /// <summary>As <see cref="PartState.IsContainer"/>.</summary>
    public bool IsContainer => Setup is not null || Vessel is { Kind: VesselKind.Container };

    /// <summary>Plants growing by stage; those of the sowing are reckoned from its counts.</summary>
    public int[] GrowingAt { get; } = new int[PlantStages.All.Count];
    public int[] Dormant { get; } = new int[PlantStages.All.Count];
    public int[] Reached { get; } = new int[PlantStages.All.Count];
    public List<StageLoss> LaterLosses { get; } = [];

    /// <summary>Seedlings that left the sowing for a later stage.</summary>
    public int MovedOff { get; set; }

    /// <summary>Plants that came from another part, less those that went to one.</summary>
    public int Arrived { get; set; }

    /// <summary>Of those that came, seedlings.</summary>
    public int ArrivedSeedlings { get; set; }

    /// <summary>Day of the first seedling where they came from; null where none came.</summary>
    public DateOnly? CameUpOn { get; set; }

    /// <summary>Growing at a stage now.</summary>
    public int AliveAt(PlantStage stage) =>
        stage == PlantStage.Seedling ? Emerged + ArrivedSeedlings - Lost - MovedOff - Dormant[0] : GrowingAt[(int)stage];

    /// <summary>Seeds seen to have germinated, one way or another.</summary>
    public int Seen => Math.Max(Math.Max(Sprouted, Rooted), Emerged);

    /// <summary>
    /// A part that comes out of this one, with no seed yet: what was done to the seed and seen of it before was done to and seen of it too.
    /// </summary>
    public WorkingPart Child(string id)
    {
        var child = new WorkingPart(id, Id)
        {
            Spans = [.. Spans],
            Place = Place,
            Vessel = Vessel,
            EstimatePercent = EstimatePercent,
            Setup = Setup,
            Preparation = Preparation,
            IsSwollen = IsSwollen,
        };
        child.Checks.AddRange(Checks);
        child.Inspections.AddRange(Inspections);
        child.WaterChanges.AddRange(WaterChanges);
        child.Stays.AddRange(Stays);
        return child;
    }

    public StepSpan? Open => Spans.Count > 0 && Spans[^1].End is null ? Spans[^1] : null;

    public void EndOpen(DateOnly on)
    {
        if (Open is { } open)
            Spans[^1] = open with { End = on };
    }

    public PartState Snapshot() =>
        new(Id, Parent, Seeds, Sprouted, Spans, Place, Vessel, Checks, Counts, SownOn, Divided)
        {
            Inspections = Inspections,
            IsSwollen = IsSwollen,
            WaterChanges = WaterChanges,
            Stays = Stays,
            WaterLooks = WaterLooks,
            ColdsAgain = ColdsAgain,
            LabelledOn = Labelled?.On,
            LabelledFor = Labelled?.For,
            SownAs = SownAs,
            CellsCame = CellsCame,
            CellsGone = CellsGone,
            EstimatePercent = EstimatePercent,
            Cut = Cut,
            DomeOffOn = DomeOffOn,
            Setup = Setup,
            Preparation = Preparation,
            Tended = Tended,
            TrueLeavesOn = TrueLeavesOn,
            PottedOn = PottedOn,
            PotCm = PotCm,
            PlantedOn = PlantedOn,
            Winter = Winter,
            DiedBackOn = DiedBackOn,
            CameAgainOn = CameAgainOn,
            DaysOut = DaysOut,
            Heights = Heights,
            Symptoms = Symptoms,
            MovedOff = MovedOff,
            Arrived = ArrivedSeedlings,
            CameUpOn = CameUpOn,
            BooksClosed = BooksClosed,
            Plants = Tally(),
            KeptOn = KeptOn,
            ClosedOn = ClosedOn,
        };

    private PlantTally Tally()
    {
        var losses = Counts
            .Where(c => c.Lost > 0)
            .Select(c => new StageLoss(PlantStage.Seedling, c.Cause, c.Lost))
            .Concat(LaterLosses)
            .GroupBy(l => (l.Stage, l.Cause))
            .Select(g => new StageLoss(g.Key.Stage, g.Key.Cause, g.Sum(l => l.Plants)))
            .OrderBy(l => l.Stage)
            .ThenByDescending(l => l.Plants)
            .ToList();
        return new(
            Emerged + Arrived,
            [
                .. PlantStages.All.Select(s => new StageCount(
                    s,
                    AliveAt(s),
                    Dormant[(int)s],
                    losses.Where(l => l.Stage == s).Sum(l => l.Plants),
                    s == PlantStage.Seedling ? Emerged + Arrived : Reached[(int)s]
                )),
            ],
            losses
        );
    }
}
