using System.Text;
using Gassel.Core;
using Gassel.Data.Readings;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Tables;

/// <summary>Readings of thermometers, as they came.</summary>
internal sealed class ReadingsTable() : WrittenTable("readings", "a reading of a thermometer, as it came")
{
    private static readonly IReadOnlyList<TableColumn<RawReading>> Columns =
    [
        new("thermometer", "string", null, "as this book calls it", r => r.Thermometer),
        new("place", "string", null, "where it hung", r => r.Place),
        new("made_up", "boolean", null, "played by the program, not measured", r => r.MadeUp),
        new("set_aside", "boolean", null, "steers nothing", r => r.Aside),
        new("at", "datetime", null, "when, UTC", r => Text.Of($"{r.At.UtcDateTime:yyyy-MM-ddTHH:mm:ss}Z")),
        new("temperature", "number", "Cel", "what it showed", r => r.TempC),
        new("relative_humidity", "number", "%", "what it showed; empty where it measures none", r => r.HumidityPercent),
    ];

    public override async Task Write(TableBooks books, TextWriter into)
    {
        await into.WriteAsync(string.Join(',', Columns.Select(c => c.Name)) + "\n");
        foreach (var row in books.Readings.Raw())
            await into.WriteAsync(string.Join(',', Columns.Select(c => Cell(c.Of(row)))) + "\n");
    }

    public override string Codebook()
    {
        var csv = new StringBuilder("column,type,unit,meaning\n");
        foreach (var column in Columns)
            csv.AppendJoin(',', column.Name, column.Type, column.Unit ?? "", CsvText.Quoted(column.Words)).Append('\n');
        return csv.ToString();
    }
}
