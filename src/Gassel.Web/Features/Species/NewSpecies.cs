using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Species;

/// <summary>A species that the library did not have.</summary>
internal static class NewSpecies
{
    /// <summary>Puts it into the library, to be saved by the caller; its id.</summary>
    /// <param name="values">Checked, and of a scientific name that is not there.</param>
    public static async Task<string> Put(GasselDb db, SpeciesEdit values)
    {
        var id = Slug.Free(values.CommonName, await db.Species.Select(s => s.Id).ToListAsync(CancellationToken.None));
        var row = new SpeciesRow
        {
            Id = id,
            ScientificName = values.ScientificName.Trim(),
            Own = CoreJson.Write(values.New(id)),
        };
        // the simplest route there is; the grower goes on from it
        var route = new Core.Treatments.Route(
            $"{id}-plain",
            1,
            "no treatment",
            [
                new(StepKind.Germinate, new(7, 14, 28), values.Germination),
                new(StepKind.GrowOn, new(90, 120, 180)),
                new(StepKind.HardenOff, new(7, 10, 14)),
            ],
            Origin: "Placeholder days, our assumption; put your own"
        );
        row.Routes.Add(
            new()
            {
                Id = route.Id,
                Version = 1,
                SpeciesId = id,
                Position = 0,
                Body = CoreJson.Write(route),
            }
        );
        db.Species.Add(row);
        return id;
    }
}
