using System.Globalization;
using System.Text;
using System.Text.Json;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Tables;

/// <summary>A table of the book as CSV, and its codebook.</summary>
internal abstract class WrittenTable(string name, string words)
{
    public string Name { get; } = name;

    /// <summary>What a row is.</summary>
    public string Words { get; } = words;

    /// <summary>Row after row, as they are read.</summary>
    public abstract Task Write(TableBooks books, TextWriter into);

    /// <summary>One row a column: name, type, unit, what it says.</summary>
    public abstract string Codebook();

    /// <summary>
    /// Numbers with a dot, days as ISO 8601, nothing where nothing is known; what a spreadsheet would reckon with is set apart.
    /// </summary>
    protected static string Cell(object? value) =>
        value switch
        {
            null => "",
            bool yes => yes ? "true" : "false",
            DateOnly day => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
            string text => CsvText.Quoted(text),
            Enum of => JsonNamingPolicy.CamelCase.ConvertName(of.ToString()),
            IFormattable number => number.ToString(null, CultureInfo.InvariantCulture),
            _ => CsvText.Quoted(value.ToString() ?? ""),
        };
}

/// <inheritdoc />
/// <typeparam name="T">What a row is of.</typeparam>
internal sealed class WrittenTable<T>(
    string name,
    string words,
    Func<TableBooks, Task<IEnumerable<T>>> rows,
    IReadOnlyList<TableColumn<T>> columns
) : WrittenTable(name, words)
{
    public override async Task Write(TableBooks books, TextWriter into)
    {
        await into.WriteAsync(string.Join(',', columns.Select(c => c.Name)) + "\n");
        foreach (var row in await rows(books))
            await into.WriteAsync(string.Join(',', columns.Select(c => Cell(c.Of(row)))) + "\n");
    }

    public override string Codebook()
    {
        var csv = new StringBuilder("column,type,unit,meaning\n");
        foreach (var column in columns)
            csv.AppendJoin(',', column.Name, column.Type, column.Unit ?? "", CsvText.Quoted(column.Words)).Append('\n');
        return csv.ToString();
    }
}
