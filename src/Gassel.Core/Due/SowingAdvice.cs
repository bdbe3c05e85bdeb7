using Gassel.Core.Growing;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Due;

/// <summary>
/// How to sow seed of a species: what a form begins with, each with its reason. Common practice, no source, unless said otherwise.
/// </summary>
/// <param name="Vessels">What it may be sown into, the usual first.</param>
/// <param name="SeedsPerCell">For vessels with cells.</param>
/// <param name="EstimatePercent">Give or take so much where seed of this kind is not counted out; null where it is.</param>
/// <param name="NoMat">Why nothing warms it from below; null where a mat may.</param>
/// <param name="Reminders">What else the hands should know, in the order of the work.</param>
public sealed record SowingAdvice(
    IReadOnlyList<VesselKind> Vessels,
    int Cells,
    DepthAdvice Depth,
    SowCover Cover,
    string CoverWhy,
    int SeedsPerCell,
    string SeedsPerCellWhy,
    double? EstimatePercent,
    bool Dome,
    string DomeWhy,
    string? NoMat,
    IReadOnlyList<string> Reminders
)
{
    /// <summary>Dust-fine seed is strewn, not counted (our assumption).</summary>
    public const double DustPercent = 20;

    /// <summary>Seeds strewn over a flat of the usual size that do not lie too thick.</summary>
    public int FlatFits { get; } = Density.Seeds(PotRoom.TrayCm2);

    /// <summary>A cell in five may stay empty (our assumption).</summary>
    private const double EmptyCells = 0.2;

    private const int MostPerCell = 3;

    /// <summary>Deep cells come fewer to a rack.</summary>
    private const int DeepCellsToARack = 48;

    /// <summary>No heat mat where the band ends at or below this, °C.</summary>
    public const double NoMatToC = 18;

    /// <summary>A kind that wants no more than this is a cool germinator, °C: no dome over it (our assumption).</summary>
    private const double CoolToC = 15;

    /// <param name="expected">Share expected to come up; null where nobody knows.</param>
    public static SowingAdvice Of(Species species, Route route, DepthSchool school, double? expected)
    {
        var vessels = VesselsFor(species, route);
        var depth = SowingDepth.For(species, school);
        var (cover, coverWhy) = CoverOf(species, route, depth);
        var (perCell, perCellWhy) = PerCell(species, expected);
        var (dome, domeWhy) = DomeOf(species, route);
        return new(
            vessels,
            vessels[0] == VesselKind.DeepCells ? DeepCellsToARack : Planning.PlanAssumptions.CellsPerTray,
            depth,
            cover,
            coverWhy,
            perCell,
            perCellWhy,
            species.Has(SpeciesFlag.DustFine) ? DustPercent : null,
            dome,
            domeWhy,
            NoMatFor(species),
            [.. Remind(species)]
        );
    }

    /// <summary>Sowing as it is usually done, ready to be recorded; into a vessel of its own, labelled by its batch.</summary>
    /// <param name="place">Id of the place it goes to; null where it stays.</param>
    /// <param name="plan">How it was meant to be sown; null where nobody said.</param>
    public Sown Usual(int number, string part, string? place, SownPlan? plan = null)
    {
        var kind = Vessels[0];
        var label = Text.Of(
            $"{(kind == VesselKind.Pot ? "pots" : kind.Words())} {number}{(part == BatchPlan.FirstPart ? "" : $" part {part}")}"
        );
        var byCells = kind is VesselKind.Tray or VesselKind.DeepCells;
        var cover = plan?.Cover ?? Cover;
        return new(
            part,
            plan?.Place ?? place,
            new(
                kind,
                label,
                byCells
                    ? plan is { SeedsPerCell: not null }
                        ? plan.CellsPerTray
                        : Cells
                    : null
            ),
            DepthMm: cover == SowCover.Surface ? 0 : Depth.Depth?.HighMm,
            SeedsPerCell: byCells ? plan?.SeedsPerCell : null,
            Cover: cover,
            EstimatePercent: EstimatePercent,
            Dome: Dome
        );
    }

    /// <summary>Why this kind may not be sown into such a vessel; null where it may.</summary>
    public static string? Forbidden(Species species, VesselKind vessel) =>
        vessel switch
        {
            VesselKind.Bag or VesselKind.Jar =>
                "Seed is sown into a tray, deep cells, a flat, a pot or a container, not into a bag or jar.",
            VesselKind.Tray or VesselKind.Flat when species.Has(SpeciesFlag.TapRooted) =>
                $"{Text.Capital(species.CommonName)} makes a tap root and is not moved on: sow it where it can stay, "
                    + $"in deep cells, a pot or a container.",
            _ => null,
        };

    /// <summary>Null where a mat may warm it.</summary>
    public static string? NoMatFor(Species species) =>
        species.Germination.HighC <= NoMatToC
            ? Text.Of(
                $"No heat mat: it comes up at {Quantity.Temperatures(species.Germination.LowC, species.Germination.HighC)}, and a mat "
                    + $"lifts {RuleOfThumb.MatLifts} above the room."
            )
            : null;

    private static List<VesselKind> VesselsFor(Species species, Route route)
    {
        VesselKind[] order =
            route.IsOutdoors ? [VesselKind.Container, VesselKind.Pot, VesselKind.DeepCells, VesselKind.Flat, VesselKind.Tray]
            : species.Has(SpeciesFlag.TapRooted) ? [VesselKind.DeepCells, VesselKind.Pot, VesselKind.Container]
            : [VesselKind.Tray, VesselKind.Flat, VesselKind.Pot, VesselKind.DeepCells, VesselKind.Container];
        return [.. order.Where(v => Forbidden(species, v) is null)];
    }

    private static (SowCover, string) CoverOf(Species species, Route route, DepthAdvice depth) =>
        species switch
        {
            _ when species.Has(SpeciesFlag.NeedsLight) => (SowCover.Surface, "Needs light: on the surface, pressed in for contact."),
            _ when species.Has(SpeciesFlag.DustFine) => (SowCover.Surface, "Dust-fine: on the surface, never under grit."),
            _ when route.IsOutdoors => (SowCover.Grit, "Outdoors under coarse grit, against rain and birds."),
            _ when depth.Depth is { HighMm: 0 } => (SowCover.Surface, "On the surface by its depth."),
            _ => (SowCover.Mix, "Under mix, to its depth."),
        };

    private static (int, string) PerCell(Species species, double? expected)
    {
        if (expected is not { } share)
            return (1, "One seed to a cell: how many come up is not known yet.");
        var needed = share >= 1 ? 1 : (int)Math.Ceiling(Math.Log(EmptyCells) / Math.Log(1 - Math.Clamp(share, 0.01, 0.99)));
        var perCell = Math.Clamp(needed, 1, MostPerCell);
        return (
            perCell,
            Text.Of(
                $"{perCell} to a cell: with {share:P0} expected up, {Math.Pow(1 - share, perCell):P0} of the cells "
                    + $"stay empty{(perCell > 1 ? "; thin to one" : "")}."
            )
        );
    }

    private static (bool, string) DomeOf(Species species, Route route) =>
        species switch
        {
            _ when route.IsOutdoors => (false, "No dome: the container has its own lid."),
            { Germination.HighC: <= CoolToC } => (false, "No dome for a cool germinator: it would warm the mix."),
            _ => (true, "Dome on for moisture, aired one to two hours a day; it comes off as set on Site."),
        };

    private static IEnumerable<string> Remind(Species species)
    {
        yield return "Mix moist before sowing; dry mix sheds water.";
        if (species.Has(SpeciesFlag.NeedsLight))
            yield return "Lamps on from the first day; nothing over the seed.";
        if (species.Has(SpeciesFlag.NeedsDark))
            yield return "Needs dark: under mix or an opaque cover until the first is up.";
        yield return species.Hazard >= HazardLevel.Toxic ? "Own tray, own water: nothing shares its bottom water."
        : species.Has(SpeciesFlag.DustFine) ? "Water from below only."
        : "Water from below.";
        yield return species.LookAlike is { } other
            ? $"Label twice, inside and outside, with the name of the plant that it is not: {other}."
            : "Label twice, inside and outside: scientific and common name, date.";
    }
}
