using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Species;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Intake;

/// <summary>Species, a row each, as they are written. What is in the library is left as it is.</summary>
internal sealed class SpeciesIntake()
    : IntakeTable(
        "species",
        "a species",
        [
            new("species", true, "scientific name"),
            new("common_name", true, "as you call it"),
            new("dormancy", false, "class; not known where empty"),
            new("depth", false, "how deep the dormancy is"),
            new("flags", false, "what else matters, parted by blanks"),
            new("hazard", false, "of its seed and plant; not known where empty"),
            new("hazard_note", false, "what to mind"),
            new("germinates_low", true, "°C, lower end"),
            new("germinates_high", true, "°C, upper end"),
            new("night_low", false, "°C, where nights should differ"),
            new("night_high", false, "°C, upper end"),
            new("depth_low", false, "mm, sowing depth"),
            new("depth_high", false, "mm, upper end"),
            new("seed_width", false, "mm"),
            new("seed_thickness", false, "mm"),
            new("hardiness", false, "of its seedlings; not known where empty"),
            new("longevity", false, "how its seed keeps; not known where empty"),
            new("water", false, "how dry its mix may get"),
            new("look_alike", false, "what it may be taken for"),
            new("notes", false, "your own"),
            new("origin", false, "where the values come from"),
        ]
    )
{
    private const string FromFile = "Read from a file";

    public override async Task<IReadOnlyList<IntakeVerdict>> Take(IReadOnlyList<IntakeRow> rows, GasselDb db, IntakeBooks books)
    {
        var verdicts = new List<IntakeVerdict>();
        foreach (var row in rows)
        {
            var values = ValuesOf(row);
            if (row.Wrong is null && values.Check() is { } refusal)
                Refuse(row, refusal, Column);
            if (row.Wrong is { } wrong)
            {
                verdicts.Add(wrong);
                continue;
            }
            if (await db.Species.AnyAsync(s => s.ScientificName == values.ScientificName, CancellationToken.None))
            {
                verdicts.Add(IntakeVerdict.Same($"{values.ScientificName} is in the library and stays as it is."));
                continue;
            }
            await NewSpecies.Put(db, values);
            await db.SaveChangesAsync(CancellationToken.None);
            verdicts.Add(IntakeVerdict.Fresh($"{values.CommonName}, with a placeholder route until you enter one"));
        }
        return verdicts;
    }

    private static SpeciesEdit ValuesOf(IntakeRow row)
    {
        var (dormancy, hazard) = (row.Name<DormancyClass>("dormancy"), row.Name<HazardLevel>("hazard"));
        var (hardiness, longevity) = (row.Name<SeedlingHardiness>("hardiness"), row.Name<Longevity>("longevity"));
        var (low, high) = (row.Number("germinates_low"), row.Number("germinates_high"));
        if (low is null || high is null)
            row.Refuse(low is null ? "germinates_low" : "germinates_high", "The temperatures at which it germinates are needed, in °C.");
        var (nightLow, nightHigh) = (row.Number("night_low"), row.Number("night_high"));
        var (depthLow, depthHigh) = (row.Number("depth_low"), row.Number("depth_high"));
        var (width, thickness) = (row.Number("seed_width"), row.Number("seed_thickness"));
        return new(
            row.Needed("species"),
            row.Needed("common_name"),
            dormancy ?? DormancyClass.None,
            row.Name<DormancyDepth>("depth"),
            row.Names<SpeciesFlag>("flags"),
            hazard ?? HazardLevel.None,
            row.Optional("hazard_note"),
            new(low ?? 0, high ?? 0),
            nightLow is { } a && nightHigh is { } b ? new(a, b) : null,
            depthLow is { } c && depthHigh is { } d ? new(c, d) : null,
            hardiness ?? SeedlingHardiness.HalfHardy,
            row.Optional("look_alike"),
            row.Optional("notes"),
            longevity ?? Longevity.Medium,
            null,
            width is { } w ? new(w, thickness ?? w) : null,
            row.Optional("origin") ?? FromFile,
            [
                .. new[]
                {
                    (SpeciesValue.DormancyClass, dormancy is null),
                    (SpeciesValue.Hazard, hazard is null),
                    (SpeciesValue.Hardiness, hardiness is null),
                    (SpeciesValue.Longevity, longevity is null),
                }
                    .Where(v => v.Item2)
                    .Select(v => v.Item1),
            ],
            row.Name<WaterRegime>("water")
        );
    }

    private static string Column(string field) =>
        field switch
        {
            "scientificName" => "species",
            "germination.lowC" => "germinates_low",
            "germination.highC" => "germinates_high",
            "nightC.lowC" => "night_low",
            "nightC.highC" => "night_high",
            "sowingDepth.lowMm" => "depth_low",
            "sowingDepth.highMm" => "depth_high",
            "seedSize.widthMm" => "seed_width",
            "seedSize.thicknessMm" => "seed_thickness",
            _ => Snake(field),
        };
}
