using Gassel.Core.Germination;
using Gassel.Core.Yard;

namespace Gassel.Core.Batches;

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
    public List<Stay> Stays { get; } = [];
    public bool? IsSwollen { get; set; }
    public (DateOnly On, string For)? Labelled { get; set; }
    public SownAs? SownAs { get; set; }
    public double? EstimatePercent { get; set; }
    public CutTest? Cut { get; set; }
    public DateOnly? DomeOffOn { get; set; }
    public ContainerSetup? Setup { get; set; }
    public IReadOnlyList<PreparationStep> Preparation { get; set; } = [];
    public List<TendingRecord> Tended { get; } = [];
    public DateOnly? KeptOn { get; set; }
    public DateOnly? ClosedOn { get; set; }
    public DateOnly? SownOn { get; set; }
    public bool Divided { get; set; }
    public int Emerged { get; set; }
    public int Lost { get; set; }
    public int Rooted { get; set; }

    /// <summary>Seeds seen to have germinated, one way or another.</summary>
    public int Seen => Math.Max(Math.Max(Sprouted, Rooted), Emerged);

    public StepSpan? Open => Spans.Count > 0 && Spans[^1].End is null ? Spans[^1] : null;

    public void EndOpen(DateOnly on)
    {
        if (Open is { } open) Spans[^1] = open with { End = on };
    }

    public PartState Snapshot() => new(Id, Parent, Seeds, Sprouted, Spans, Place, Vessel, Checks, Counts, SownOn, Divided)
    {
        Inspections = Inspections,
        IsSwollen = IsSwollen,
        WaterChanges = WaterChanges,
        Stays = Stays,
        LabelledOn = Labelled?.On,
        LabelledFor = Labelled?.For,
        SownAs = SownAs,
        EstimatePercent = EstimatePercent,
        Cut = Cut,
        DomeOffOn = DomeOffOn,
        Setup = Setup,
        Preparation = Preparation,
        Tended = Tended,
        KeptOn = KeptOn,
        ClosedOn = ClosedOn,
    };
}
