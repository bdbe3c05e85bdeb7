using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Species;

/// <summary>The values of a species as a grower has them.</summary>
/// <param name="Origin">Where the changed values come from, or all of them for a new species.</param>
/// <param name="SowingDepth">Null to follow the site's school.</param>
/// <param name="ColdResponse">Null for the starter one of its kind.</param>
/// <param name="Water">How dry its mix may get; null to go by its seed and stage.</param>
/// <param name="Growing">How its seedlings grow on; null to go by what most kinds do.</param>
/// <param name="Planted">How it lives where it is planted; null where nobody knows.</param>
/// <param name="NotEntered">Values that nobody entered: what stands there is only reckoned with. Null for none.</param>
public sealed record SpeciesEdit(
    string ScientificName,
    string CommonName,
    DormancyClass DormancyClass,
    DormancyDepth? Depth,
    IReadOnlyList<SpeciesFlag> Flags,
    HazardLevel Hazard,
    string? HazardNote,
    TemperatureBand Germination,
    TemperatureBand? NightC,
    DepthRange? SowingDepth,
    SeedlingHardiness Hardiness,
    string? LookAlike,
    string? Notes,
    Longevity Longevity,
    ColdResponse? ColdResponse,
    SeedSize? SeedSize,
    string Origin,
    IReadOnlyList<SpeciesValue>? NotEntered = null,
    WaterRegime? Water = null,
    GrowingOn? Growing = null,
    Planted? Planted = null
)
{
    public Refusal? Check()
    {
        var refusal = Limits.Text("scientificName", ScientificName, 120)
            ?? Limits.Text("commonName", CommonName, 120)
            ?? Limits.Text("origin", Origin, 200)
            ?? Limits.Text("hazardNote", HazardNote, 400, required: Hazard != HazardLevel.None && !HazardIsOpen)
            ?? Limits.Text("lookAlike", LookAlike, 200, required: false)
            ?? Limits.Text("notes", Notes, 2000, required: false)
            ?? Band("germination", Germination)
            ?? (NightC is { } night ? Band("nightC", night) : null)
            ?? (
                SowingDepth is { } depth
                    ? Limits.Number("sowingDepth.lowMm", depth.LowMm, 0, 200)
                        ?? Limits.Number("sowingDepth.highMm", depth.HighMm, depth.LowMm, 200)
                    : null
            )
            ?? (
                SeedSize is { } size
                    ? Limits.Open("seedSize.widthMm", size.WidthMm, 0, 100) ?? Limits.Open("seedSize.thicknessMm", size.ThicknessMm, 0, 100)
                    : null
            )
            ?? GrowsOn(Growing)
            ?? Lives(Planted);
        if (refusal is not null)
            return refusal;
        if (NotEntered?.Any(v => !MayBeOpen.Contains(v)) == true)
            return new("notEntered", $"notEntered holds a value that must be entered; valid are {string.Join(", ", MayBeOpen)}.");
        if (Flags.Distinct().Count() != Flags.Count)
            return new("flags", "A flag appears twice; each may appear once.");
        return ColdResponse is { IsOrdered: false }
            ? new("coldResponse", "The four temperatures of the cold response must not fall, as in -1, 0.5, 6, 12.")
            : null;
    }

    /// <summary>The species with these values; each that differs from before carries the origin given.</summary>
    public Core.Treatments.Species Onto(Core.Treatments.Species before)
    {
        var after = New(before.Id) with { Origin = before.Origin, Routes = before.Routes, Origins = null };
        bool Changed(SpeciesValue value) =>
            value switch
            {
                SpeciesValue.DormancyClass => (after.DormancyClass, after.Depth) != (before.DormancyClass, before.Depth),
                SpeciesValue.Flags => !after.Flags.ToHashSet().SetEquals(before.Flags),
                SpeciesValue.Hazard => (after.Hazard, after.HazardNote, after.LookAlike)
                    != (before.Hazard, before.HazardNote, before.LookAlike),
                SpeciesValue.Germination => after.Germination != before.Germination,
                SpeciesValue.NightC => after.NightC != before.NightC,
                SpeciesValue.SowingDepth => (after.SowingDepth, after.SeedSize) != (before.SowingDepth, before.SeedSize),
                SpeciesValue.Hardiness => after.Hardiness != before.Hardiness,
                SpeciesValue.ResponseToCold => after.ResponseToCold != before.ResponseToCold,
                SpeciesValue.GrowingOn => after.GrowsOn != before.GrowsOn,
                SpeciesValue.Planted => after.Planted != before.Planted,
                SpeciesValue.Water => after.Water != before.Water,
                SpeciesValue.Longevity => after.Longevity != before.Longevity,
                _ => after.Notes != before.Notes,
            };
        // what nobody had entered is entered now, also where it stays the same
        bool Entered(SpeciesValue value) => !before.IsEntered(value) && NotEntered?.Contains(value) != true;
        var changed = Enum.GetValues<SpeciesValue>().Where(v => Changed(v) || Entered(v)).ToHashSet();
        return after with
        {
            Origins =
            [
                .. (before.Origins ?? []).Where(o => !changed.Contains(o.Value)),
                .. changed.Order().Select(v => new ValueOrigin(v, Origin.Trim())),
            ],
        };
    }

    /// <summary>Values that something can stand in for.</summary>
    private static readonly SpeciesValue[] MayBeOpen =
    [
        SpeciesValue.DormancyClass,
        SpeciesValue.Hazard,
        SpeciesValue.Hardiness,
        SpeciesValue.Longevity,
    ];

    /// <summary>A species that the library did not have.</summary>
    public Core.Treatments.Species New(string id) =>
        new(
            id,
            ScientificName.Trim(),
            CommonName.Trim(),
            DormancyClass,
            Depth,
            Flags,
            Hazard,
            Trimmed(HazardNote) ?? (HazardIsOpen ? "Whether it is harmful is not known." : null),
            Germination,
            NightC,
            SowingDepth,
            Hardiness,
            Trimmed(LookAlike),
            Notes?.Trim() ?? "",
            Origin.Trim(),
            [],
            Longevity,
            ColdResponse,
            SeedSize,
            NotEntered is null or []
                ? null
                : [.. NotEntered.Distinct().Select(v => new ValueOrigin(v, Core.Treatments.Species.NotEntered))],
            Water,
            Growing == GrowingOn.AsMost ? null : Growing,
            Planted
        );

    private bool HazardIsOpen => NotEntered?.Contains(SpeciesValue.Hazard) == true;

    private static string? Trimmed(string? text) => string.IsNullOrWhiteSpace(text) ? null : text.Trim();

    private static Refusal? GrowsOn(GrowingOn? growing) =>
        growing is null
            ? null
            : (growing.LeaveHeightMm is { } mm ? Limits.Number("growing.leaveHeightMm", mm, 5, 1000) : null)
                ?? (growing.LeaveFromWeeks is { } from ? Limits.Whole("growing.leaveFromWeeks", from, 1, 200) : null)
                ?? (growing.LeaveToWeeks is { } to ? Limits.Whole("growing.leaveToWeeks", to, growing.LeaveFromWeeks ?? 1, 300) : null)
                ?? (growing.RepotWeeks is { } repot ? Limits.Whole("growing.repotWeeks", repot, 1, 100) : null);

    private static Refusal? Lives(Planted? planted)
    {
        if (planted is null)
            return null;
        if (planted.Darkest > planted.Brightest)
            return new("planted.brightest", "brightest is darker than darkest; valid is as bright or brighter.");
        if (planted.Driest > planted.Wettest)
            return new("planted.wettest", "wettest is drier than driest; valid is as wet or wetter.");
        return Limits.Whole("planted.flowersInYear", planted.FlowersInYear, 1, 60)
            ?? (planted.SpacingCm is { } cm ? Limits.Number("planted.spacingCm", cm, 1, 2000) : null)
            ?? (planted.EarlyWeeks is { } weeks ? Limits.Whole("planted.earlyWeeks", weeks, 1, 30) : null);
    }

    private static Refusal? Band(string field, TemperatureBand band) =>
        Limits.Number($"{field}.lowC", band.LowC, -10, 45) ?? Limits.Number($"{field}.highC", band.HighC, band.LowC, 45);
}
