using System.Globalization;
using System.Text;
using Gassel.Core;
using Gassel.Data;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Counting;

/// <summary>
/// Counts as a CSV file: one row a count, in the order of batches, parts and days. What is written can be read again at the tray it is of.
/// </summary>
internal static class CountsWritten
{
    public static async Task<IResult> Write(Guid? batch, Library library, BatchShelf shelf)
    {
        var names = (await library.Species()).ToDictionary(s => s.Id, s => s.ScientificName);
        var text = new StringBuilder("batch,species,part,tray,sown,date,day,emerged,lost,cause,rooted,by\n");
        foreach (var held in (await shelf.All()).Where(b => batch is null || b.Row.Id == batch))
        {
            foreach (var part in held.State.Living.Where(p => p.SownOn is not null))
            {
                foreach (var count in part.Counts.OrderBy(c => c.On))
                {
                    text.AppendJoin(
                            ',',
                            $"B-{held.Row.Number}",
                            CsvText.Quoted(names[held.Row.SpeciesId]),
                            CsvText.Quoted(part.Id),
                            CsvText.Quoted(part.Vessel?.Label ?? ""),
                            Iso(part.SownOn!.Value),
                            Iso(count.On),
                            count.On.DayNumber - part.SownOn.Value.DayNumber,
                            count.Emerged,
                            count.Lost,
                            count.Lost > 0 ? count.Cause.Words() : "",
                            count.Rooted,
                            count.Spots is { Count: > 0 } spots
                                ? spots[0].Cell is null
                                    ? "rows"
                                    : "cells"
                                : "tray"
                        )
                        .Append('\n');
                }
            }
        }
        return Results.File(Encoding.UTF8.GetBytes(text.ToString()), "text/csv; charset=utf-8", "counts.csv");
    }

    private static string Iso(DateOnly day) => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
}
