using Gassel.Core;
using Microsoft.Data.Sqlite;

namespace Gassel.Data.Packages;

/// <summary>Compares what was read with the book, and takes in what is new.</summary>
internal sealed class PackageMerge(SqliteConnection connection, bool intoEmpty)
{
    private static IEnumerable<PackageTable> Taken => PackageTables.All.Where(t => !t.IsToldOnly);

    /// <summary>Nothing was entered in the book yet; starter species and places are in every book.</summary>
    public static bool IsEmpty(SqliteConnection connection)
    {
        string[] entered = ["lots", "batches", "entries", "trials", "wishes", "weather_records", "reading_series", "forecast_words"];
        using var command = connection.CreateCommand();
        command.CommandText = $"SELECT {string.Join(" AND ", entered.Select(t => $"NOT EXISTS (SELECT 1 FROM {t})"))}";
        return (long)command.ExecuteScalar()! == 1;
    }

    /// <exception cref="PackageException">A key is there twice, or a row names another that is nowhere.</exception>
    public (IReadOnlyList<PackageCount> Counts, IReadOnlyList<string> Renumbered) Compare()
    {
        foreach (var table in Taken)
        {
            Run($"CREATE INDEX temp.by_key_{table.Name} ON in_{table.Name} ({Columns(table.Key.Select(table.Field))})");
            Check(table);
            var alike = string.Join(" AND ", table.Fields.Select(f => $"m.\"{f.Column}\" IS i.\"{f.Column}\""));
            var same = table.Same("m", "i");
            Run(
                $"UPDATE {table.Staged} AS i SET fate = CASE "
                    + $"WHEN NOT EXISTS (SELECT 1 FROM {table.Table} m WHERE {same}) THEN 'new' "
                    + $"WHEN EXISTS (SELECT 1 FROM {table.Table} m WHERE {same} AND {alike}) THEN 'same' "
                    + $"ELSE '{(intoEmpty ? "replaced" : "clash")}' END"
            );
            foreach (var (field, parent, key) in Parents(table))
            {
                var gone = parent.IsCounted ? "('left', 'clash')" : "('left')";
                Run(
                    $"UPDATE {table.Staged} SET fate = 'left' WHERE fate <> 'same' AND \"{field.Column}\" IN "
                        + $"(SELECT \"{key.Column}\" FROM {parent.Staged} WHERE fate IN {gone})"
                );
            }
        }
        return ([.. Taken.Select(Count)], [.. Taken.Where(t => t.Number is not null).SelectMany(Renumber)]);
    }

    /// <summary>
    /// All that is new, in the order of the package. Made-up readings never stand beside measured ones: they come in set aside.
    /// </summary>
    public void Apply()
    {
        if (!intoEmpty)
            Run("UPDATE temp.in_thermometers SET Aside = 1, Attached = 0 WHERE Device IS NOT NULL");
        foreach (var table in Taken)
        {
            var columns = Columns(table.Fields);
            var given = string.Concat(table.Given.Select(g => $", \"{g.Column}\""));
            var replaced = table.Fields.Where(f => !table.Key.Contains(f.Name)).Select(f => $"\"{f.Column}\" = excluded.\"{f.Column}\"");
            var conflict =
                intoEmpty && !table.IsCounted && table.Table != "forecast_words"
                    ? $" ON CONFLICT ({Columns(table.Key.Select(table.Field))}) DO UPDATE SET {string.Join(", ", replaced)}"
                    : "";
            Run(
                $"INSERT INTO {table.Table} ({columns}{given}) SELECT {columns}{string.Concat(table.Given.Select(g => $", {g.Sql}"))} "
                    + $"FROM {table.Staged} WHERE fate IN ('new', 'replaced') ORDER BY \"row\"{conflict}"
            );
        }
    }

    private static IEnumerable<(PackageField Field, PackageTable Parent, PackageField Key)> Parents(PackageTable table) =>
        from p in table.Parents
        let parent = PackageTables.All.Single(t => t.Name == p.Table)
        select (table.Field(p.Field), parent, parent.Field(p.Key));

    private void Check(PackageTable table)
    {
        var key = Columns(table.Key.Select(table.Field));
        if (First($"SELECT max(\"row\") FROM {table.Staged} GROUP BY {key} HAVING count(*) > 1 LIMIT 1") is { } twice)
            throw new PackageException(Text.Of($"{table.Path}, row {twice}"), $"has the {string.Join(" and ", table.Key)} of another row");
        if (table.Number is { } number && First(Twice(table.Field(number))) is { } shared)
            throw new PackageException(Text.Of($"{table.Path}, row {shared}, {number}"), "is the number of another row");
        foreach (var (field, parent, of) in Parents(table))
        {
            var lost = First(
                $"SELECT \"row\" FROM {table.Staged} i WHERE i.\"{field.Column}\" IS NOT NULL "
                    + $"AND NOT EXISTS (SELECT 1 FROM {parent.Staged} p WHERE p.\"{of.Column}\" = i.\"{field.Column}\") "
                    + $"AND NOT EXISTS (SELECT 1 FROM {parent.Table} p WHERE p.\"{of.Column}\" = i.\"{field.Column}\") LIMIT 1"
            );
            if (lost is { } row)
                throw new PackageException(Text.Of($"{table.Path}, row {row}, {field.Name}"), $"names none of the {parent.Name}");
        }

        string Twice(PackageField field) =>
            $"SELECT max(\"row\") FROM {table.Staged} GROUP BY \"{field.Column}\" HAVING count(*) > 1 LIMIT 1";
    }

    private PackageCount Count(PackageTable table)
    {
        var fates = new Dictionary<string, int>();
        using var command = connection.CreateCommand();
        command.CommandText = $"SELECT fate, count(*) FROM {table.Staged} GROUP BY fate";
        using var rows = command.ExecuteReader();
        while (rows.Read())
            fates[rows.GetString(0)] = rows.GetInt32(1);
        int Of(string fate) => fates.GetValueOrDefault(fate);
        return new(table.Name, Of("new"), Of("same"), Of("clash"), Of("replaced"), Of("left"));
    }

    /// <summary>What is new under a number that the book has given already gets the next free one.</summary>
    private List<string> Renumber(PackageTable table)
    {
        var number = table.Field(table.Number!).Column;
        var taken = new List<(long Row, long Number)>();
        using (var command = connection.CreateCommand())
        {
            command.CommandText =
                $"SELECT \"row\", \"{number}\" FROM {table.Staged} WHERE fate = 'new' AND \"{number}\" IN "
                + $"(SELECT \"{number}\" FROM {table.Table}) ORDER BY \"row\"";
            using var rows = command.ExecuteReader();
            while (rows.Read())
                taken.Add((rows.GetInt64(0), rows.GetInt64(1)));
        }
        var next = First(
            $"SELECT max(n) FROM (SELECT max(\"{number}\") n FROM {table.Table} UNION SELECT max(\"{number}\") FROM {table.Staged})"
        ) ?? 0;
        var words = new List<string>();
        foreach (var (row, was) in taken)
        {
            Run(Text.Of($"UPDATE {table.Staged} SET \"{number}\" = {++next} WHERE \"row\" = {row}"));
            var letter = char.ToUpperInvariant(table.Name[0]);
            words.Add(Text.Of($"{letter}-{was} becomes {letter}-{next}"));
        }
        return words;
    }

    private static string Columns(IEnumerable<PackageField> fields) => string.Join(", ", fields.Select(f => $"\"{f.Column}\""));

    private long? First(string sql)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        return command.ExecuteScalar() as long?;
    }

    private void Run(string sql)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }
}
