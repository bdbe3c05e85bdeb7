namespace Gassel.Data.Packages;

/// <summary>A resource and the table of the book it stands for.</summary>
/// <param name="Name">Of the resource; its file is <c>data/NAME.csv</c>.</param>
/// <param name="Table">Table of the book.</param>
/// <param name="Key">Fields that tell its rows apart.</param>
/// <param name="Order">SQL of the order in which it is written, the same for the same book.</param>
internal sealed record PackageTable(
    string Name,
    string Table,
    string Words,
    IReadOnlyList<PackageField> Fields,
    IReadOnlyList<string> Key,
    string Order
)
{
    public IReadOnlyList<PackageParent> Parents { get; init; } = [];

    /// <summary>SQL of what is written: the table, unless it is a query in parentheses.</summary>
    public string From { get; init; } = Table;

    /// <summary>SQL of the rows that are written.</summary>
    public string Where { get; init; } = "1";

    /// <summary>Columns of the book that are not in the package, and SQL of what they are when a row comes in.</summary>
    public IReadOnlyList<(string Column, string Sql)> Given { get; init; } = [];

    /// <summary>Its ids are counted: the same one in another book may be another thing.</summary>
    public bool IsCounted { get; init; }

    /// <summary>The field that people say (B-12): taken already, a new row gets the next free one. Null without such a field.</summary>
    public string? Number { get; init; }

    /// <summary>Packages of older versions are without it.</summary>
    public int Since { get; init; } = 1;

    /// <summary>Computed from the others, and not taken in.</summary>
    public bool IsToldOnly { get; init; }

    public string Path => $"data/{Name}.csv";

    public string Staged => $"temp.in_{Name}";

    public PackageField Field(string name) => Fields.Single(f => f.Name == name);

    /// <summary>SQL: the row under one alias is that under another.</summary>
    public string Same(string one, string other) =>
        string.Join(" AND ", Key.Select(k => $"{one}.\"{Field(k).Column}\" = {other}.\"{Field(k).Column}\""));
}
