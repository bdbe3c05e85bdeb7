using System.Globalization;
using System.Text;
using Gassel.Core.Batches;
using Gassel.Data;
using Gassel.Web.Features.Batches;

namespace Gassel.Web.Features.Counting;

/// <summary>Counts as a CSV file: one row a count, in the order of batches, parts and days. What is written can be read again at the tray it is of.</summary>
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
                    text.AppendJoin(',',
                        $"B-{held.Row.Number}", Quoted(names[held.Row.SpeciesId]), Quoted(part.Id), Quoted(part.Vessel?.Label ?? ""), Iso(part.SownOn!.Value), Iso(count.On),
                        count.On.DayNumber - part.SownOn.Value.DayNumber, count.Emerged, count.Lost, count.Lost > 0 ? EntryWords.Words(count.Cause) : "", count.Rooted,
                        count.Spots is { Count: > 0 } spots ? spots[0].Cell is null ? "rows" : "cells" : "tray").Append('\n');
                }
            }
        }
        return Results.File(Encoding.UTF8.GetBytes(text.ToString()), "text/csv; charset=utf-8", "counts.csv");
    }

    private static string Iso(DateOnly day) => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);

    /// <summary>In quotes where a comma or a quote stands in it (RFC 4180); a leading sign that a spreadsheet would reckon with is set apart by an apostrophe.</summary>
    private static string Quoted(string text)
    {
        var safe = text.Length > 0 && text[0] is '=' or '+' or '-' or '@' ? "'" + text : text;
        return safe.AsSpan().IndexOfAny(",\"\n\r") < 0 ? safe : $"\"{safe.Replace("\"", "\"\"", StringComparison.Ordinal)}\"";
    }
}
