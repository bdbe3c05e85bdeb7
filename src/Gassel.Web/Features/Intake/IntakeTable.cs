using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Intake;

/// <summary>A table that can be read from a file. A row is taken as a whole or not at all, and all good rows together.</summary>
internal abstract class IntakeTable(string name, string words, IReadOnlyList<IntakeColumn> columns)
{
    public string Name { get; } = name;

    public string Words { get; } = words;

    public IReadOnlyList<IntakeColumn> Columns { get; } = columns;

    public IntakeView View => new(Name, Words, Columns);

    /// <summary>One verdict a row, in their order. Called behind the gate.</summary>
    /// <param name="db">In a transaction: what is added to it is kept where it is to be saved, and gone where it is only judged.</param>
    public abstract Task<IReadOnlyList<IntakeVerdict>> Take(IReadOnlyList<IntakeRow> rows, GasselDb db, IntakeBooks books);

    /// <summary>The species of a name; null, with the row refused, where there is none.</summary>
    protected static Core.Treatments.Species? SpeciesOf(IntakeRow row, IReadOnlyList<Core.Treatments.Species> all)
    {
        var name = row.Needed("species");
        if (name.Length == 0)
            return null;
        if (NamedInLines.NoSpecies(all, name) is not { } unknown)
            return NameMatch.Exact(all, name);
        row.Refuse("species", unknown.Why + (unknown.Near.Count > 0 ? $" Near are {string.Join(", ", unknown.Near)}." : ""));
        return null;
    }

    /// <summary>Refuses a row as the contract does, with the column in the place of its field.</summary>
    protected static void Refuse(IntakeRow row, Refusal refusal, Func<string, string> columnOf)
    {
        var field = refusal.Field ?? "";
        var column = columnOf(field);
        row.Refuse(column, field.Length == 0 ? refusal.Detail : refusal.Detail.Replace(field, column, StringComparison.Ordinal));
    }

    /// <summary>A name of the contract as a name of a column: gatheredAt, gathered_at.</summary>
    protected static string Snake(string field) =>
        string.Concat(field.Select(c => char.IsAsciiLetterUpper(c) ? $"_{char.ToLowerInvariant(c)}" : $"{c}"));
}
