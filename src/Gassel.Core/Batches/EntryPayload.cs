using System.Text.Json.Serialization;
using Gassel.Core.Growing;
using Gassel.Core.Yard;

namespace Gassel.Core.Batches;

public enum Moisture
{
    Dry,
    Right,
    Dripping,
}

public enum MouldSeen
{
    None,
    Some,
    Much,
}

public enum VesselKind
{
    Bag,
    Jar,

    /// <summary>A tray with cells.</summary>
    Tray,
    Pot,
    Container,

    /// <summary>Cells deep enough for a tap root, in a rack.</summary>
    DeepCells,

    /// <summary>An open flat without cells.</summary>
    Flat,
}

/// <summary>How a water-tight coat is broken.</summary>
public enum ScarifyWay
{
    Abraded,
    Nicked,
    HotWater,
}

public enum LossCause
{
    Unknown,
    DampingOff,
    Dried,
    Eaten,
    Frost,
    Slugs,
    Mice,
    Birds,

    /// <summary>Taken out on purpose, so that one to a cell stays.</summary>
    Thinned,
    Overgrown,
    Heat,
}

/// <summary>What lies over sown seed.</summary>
public enum SowCover
{
    /// <summary>On the surface, pressed in for contact.</summary>
    Surface,
    Mix,

    /// <summary>Coarse grit.</summary>
    Grit,
}

/// <summary>What a part is in.</summary>
/// <param name="Label">As written on it, for instance "tray 12".</param>
/// <param name="Cells">Cells of a tray; null for everything without cells.</param>
/// <param name="Medium">What the seed lies in; null for the usual of the grower.</param>
/// <param name="Slot">Where on the shelf, as the grower calls it; null where nobody said.</param>
/// <param name="Columns">Cells in a row; null for the usual grid of so many cells.</param>
public sealed record Vessel(VesselKind Kind, string Label, int? Cells = null, MoistMedium? Medium = null, string? Slot = null, int? Columns = null);

/// <summary>What was counted at one spot of a tray: a cell, or a row of cells. Both from 1; one of the two.</summary>
/// <param name="Emerged">New since the last count.</param>
/// <param name="Lost">Lost since the last count.</param>
public readonly record struct CountSpot(int? Cell, int? Row, int Emerged, int Lost);

/// <summary>An amount split off, with the seed that had already sprouted in the treatment.</summary>
/// <param name="Swollen">True where it has taken water, false where it has not; null where that is not the matter.</param>
public readonly record struct SplitChild(string Part, int Seeds, int Sprouted, bool? Swollen = null);

/// <summary>What was done to a bag at a look.</summary>
public enum BagCare
{
    Turned,
    Wetted,
    Drained,
    Rinsed,

    /// <summary>Weak peroxide, by its label.</summary>
    Peroxide,
    NewMedium,

    /// <summary>Mould left, for the seed is firm.</summary>
    LeftFirm,
}

/// <summary>
/// What an entry says, by kind. <c>Part</c> names an amount of the batch that moves together; the first part is "1".
/// A new shape of a kind gets a new version beside the old one; old versions stay readable.
/// </summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(StepStarted), "stepStarted")]
[JsonDerivedType(typeof(StepEnded), "stepEnded")]
[JsonDerivedType(typeof(Check), "check")]
[JsonDerivedType(typeof(Inspected), "inspected")]
[JsonDerivedType(typeof(WaterChanged), "waterChanged")]
[JsonDerivedType(typeof(CautionRead), "cautionRead")]
[JsonDerivedType(typeof(Labelled), "labelled")]
[JsonDerivedType(typeof(Split), "split")]
[JsonDerivedType(typeof(Moved), "moved")]
[JsonDerivedType(typeof(Sown), "sown")]
[JsonDerivedType(typeof(Count), "count")]
[JsonDerivedType(typeof(Estimated), "estimated")]
[JsonDerivedType(typeof(CutTested), "cutTested")]
[JsonDerivedType(typeof(DomeOff), "domeOff")]
[JsonDerivedType(typeof(SowingKept), "sowingKept")]
[JsonDerivedType(typeof(SowingClosed), "sowingClosed")]
[JsonDerivedType(typeof(Prepared), "prepared")]
[JsonDerivedType(typeof(Tended), "tended")]
[JsonDerivedType(typeof(TrueLeaves), "trueLeaves")]
[JsonDerivedType(typeof(MovedOn), "movedOn")]
[JsonDerivedType(typeof(CarriedOut), "carriedOut")]
[JsonDerivedType(typeof(PlantsLost), "plantsLost")]
[JsonDerivedType(typeof(DiedBack), "diedBack")]
[JsonDerivedType(typeof(CameAgain), "cameAgain")]
[JsonDerivedType(typeof(Closed), "closed")]
[JsonDerivedType(typeof(ResultJudged), "resultJudged")]
[JsonDerivedType(typeof(StepLeftOut), "stepLeftOut")]
[JsonDerivedType(typeof(Discarded), "discarded")]
[JsonDerivedType(typeof(Replanned), "replanned")]
[JsonDerivedType(typeof(Note), "note")]
[JsonDerivedType(typeof(VoidEntry), "void")]
public abstract record EntryPayload
{
    /// <summary>Version of the payload's shape.</summary>
    [JsonIgnore]
    public virtual int Version => 1;
}

/// <param name="Step">Index in the route of the batch.</param>
/// <param name="Seeds">Seeds put in; given with the first step of a batch, null later.</param>
/// <param name="Place">Id of the place where it stands now; null where it stays.</param>
/// <param name="Way">How the coat was broken; null for other steps, and where nobody said.</param>
public sealed record StepStarted(string Part, int Step, int? Seeds = null, string? Place = null, Vessel? Vessel = null, ScarifyWay? Way = null) : EntryPayload;

public sealed record StepEnded(string Part, int Step) : EntryPayload;

/// <param name="Sprouted">Seeds newly sprouted since the last check.</param>
/// <param name="Care">What was done about it; null for nothing.</param>
/// <param name="PlaceC">The thermometer of the place, read by eye, °C; null where nobody read it.</param>
public sealed record Check(
    string Part, Moisture Moisture, MouldSeen Mould, int Sprouted, string? Action = null, IReadOnlyList<BagCare>? Care = null, double? PlaceC = null) : EntryPayload;

/// <summary>A look at soaked seed with a water-tight coat: swollen and paler has taken water, small and dark has not.</summary>
/// <param name="Swollen">Of the seed in the part.</param>
public sealed record Inspected(string Part, int Swollen) : EntryPayload;

/// <summary>The water of a soak or a leaching was changed.</summary>
public sealed record WaterChanged(string Part) : EntryPayload;

/// <summary>The caution was read before the hand went on.</summary>
/// <param name="Topic">As in <see cref="Treatments.Caution.Topic"/>.</param>
public sealed record CautionRead(string Topic) : EntryPayload;

/// <summary>Labels of the part were printed.</summary>
/// <param name="Inside">How many for the inside.</param>
/// <param name="Outside">How many for the outside.</param>
public sealed record Labelled(string Part, int Inside, int Outside) : EntryPayload;

/// <summary>The children hold every seed of the parent, and every sprout.</summary>
public sealed record Split(string Part, IReadOnlyList<SplitChild> Children) : EntryPayload;

public sealed record Moved(string Part, string Place) : EntryPayload;

/// <summary>Sown; starts the germinate step and ends the one before it.</summary>
/// <param name="Seeds">Seeds put in, where sowing is the first step of the batch; null later.</param>
/// <param name="SeedsPerCell">Null where seed is not sown by cells.</param>
/// <param name="Cells">Cells of the tray that hold this part, from 1, row by row; null for all of them.</param>
/// <param name="EstimatePercent">The number of seeds is an estimate, give or take so much; null where it was counted.</param>
/// <param name="Dome">A dome was put on.</param>
public sealed record Sown(
    string Part, string? Place, Vessel? Vessel, double? DepthMm = null, int? Seeds = null, int? SeedsPerCell = null, IReadOnlyList<int>? Cells = null,
    SowCover? Cover = null, double? EstimatePercent = null, bool Dome = false) : EntryPayload;

/// <param name="Emerged">New seedlings since the last count.</param>
/// <param name="Lost">Seedlings lost since the last count.</param>
/// <param name="Rooted">Seeds newly seen with a root; for kinds that root one season and shoot the next.</param>
/// <param name="Spots">The same by cell or by row, adding up to the whole; null where only the whole was counted.</param>
public sealed record Count(
    string Part, int Emerged, int Lost, LossCause Cause = LossCause.Unknown, int Rooted = 0, IReadOnlyList<CountSpot>? Spots = null) : EntryPayload;

/// <summary>The number of seeds in the part was an estimate and is now taken as another.</summary>
/// <param name="Percent">Give or take so much.</param>
public sealed record Estimated(string Part, int Seeds, double Percent) : EntryPayload;

/// <summary>Seeds of the part that were cut open; they grow no more and leave the reckoning.</summary>
public sealed record CutTested(string Part, int Full, int Empty, int Rotten) : EntryPayload
{
    [JsonIgnore]
    public int Seeds => Full + Empty + Rotten;
}

/// <summary>The dome came off for good.</summary>
public sealed record DomeOff(string Part) : EntryPayload;

/// <summary>Finished for this spring: kept to the next.</summary>
public sealed record SowingKept(string Part) : EntryPayload;

/// <summary>No more of its seed is waited for; seedlings that stand go on.</summary>
public sealed record SowingClosed(string Part) : EntryPayload;

/// <summary>A winter container as it was made ready at the table, or described later.</summary>
/// <param name="Done">Steps checked off; the last word counts.</param>
public sealed record Prepared(string Part, ContainerSetup Setup, IReadOnlyList<PreparationStep> Done) : EntryPayload;

/// <summary>Something was done to what grows: caps, covers, water and mulch of a container that is out; food and lamps of plants anywhere.</summary>
public sealed record Tended(string Part, Tending What) : EntryPayload;

/// <summary>The first true leaves are out: from here seedlings are thinned, divided or pricked out.</summary>
public sealed record TrueLeaves(string Part) : EntryPayload;

/// <summary>Plants came a stage further: pricked out, potted, hardened, planted. Stages may be passed over.</summary>
/// <param name="Into">What they are in now, as it is labelled; null where that is the same.</param>
/// <param name="Divided">Several that stood in one cell were taken apart.</param>
/// <param name="PotCm">Width of the pot they are in now; null where nobody said.</param>
public sealed record MovedOn(
    string Part, PlantStage From, PlantStage To, int Plants, string? Into = null, double? SpacingCm = null, bool Divided = false, double? PotCm = null) : EntryPayload;

/// <summary>Out that day to harden off; a day that is not recorded was skipped.</summary>
/// <param name="Hours">24 where they stayed the night; null where nobody looked at the clock.</param>
public sealed record CarriedOut(string Part, int? Hours = null) : EntryPayload;

/// <summary>Plants lost past the sowing; those of the sowing are lost in a count.</summary>
public sealed record PlantsLost(string Part, PlantStage Stage, int Plants, LossCause Cause = LossCause.Unknown) : EntryPayload;

/// <summary>Leaves died back for the season: dormant, alive, and no loss.</summary>
public sealed record DiedBack(string Part, PlantStage Stage, int Plants) : EntryPayload;

/// <summary>Dormant plants came up again.</summary>
public sealed record CameAgain(string Part, PlantStage Stage, int Plants) : EntryPayload;

/// <summary>The books of the batch are closed: nothing more is recorded of it until that is taken back.</summary>
public sealed record Closed(string? Words = null) : EntryPayload;

/// <summary>An optional step that is left out for good, for all parts that have not come to it.</summary>
/// <param name="Step">Index in the route of the batch.</param>
public sealed record StepLeftOut(int Step) : EntryPayload;

/// <summary>A planned batch that is not made after all: its seed is free again. Taken back like any entry.</summary>
public sealed record Discarded(string? Why = null) : EntryPayload;

/// <summary>Whether the result of the batch teaches what its route does. Unsaid, it does unless an accident is on record.</summary>
/// <param name="Teaches">False to leave it out; true to let it in in spite of an accident.</param>
/// <param name="Why">Null where the grower gives no reason.</param>
public sealed record ResultJudged(bool Teaches, string? Why = null) : EntryPayload;

/// <summary>Days that a step is planned to take from now on.</summary>
public readonly record struct ReplannedStep(int Step, int Days);

/// <summary>The grower took a way on when the plan could not be kept. The plan that was confirmed stays as it is.</summary>
/// <param name="Target">The day aimed at from now on.</param>
public sealed record Replanned(IReadOnlyList<ReplannedStep> Steps, DateOnly Target) : EntryPayload;

public sealed record Note(string? Part, string Text) : EntryPayload;

/// <summary>Takes an entry back. A void may itself be voided.</summary>
public sealed record VoidEntry(Guid Entry) : EntryPayload;

/// <summary>An entry of a kind or version that this program cannot read; kept, and listed as a conflict.</summary>
public sealed record Unread(string Kind, int UnreadVersion, string Json) : EntryPayload
{
    [JsonIgnore]
    public override int Version => UnreadVersion;
}
