using Gassel.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata;

namespace Gassel.Web.Tests;

/// <summary>The tables as written down three times over (mapping, migrations, compiled model) are the same tables.</summary>
public class ModelTests
{
    private static readonly DbContextOptions<GasselDb> InMemory = new DbContextOptionsBuilder<GasselDb>()
        .UseSqlite("Data Source=:memory:")
        .Options;

    /// <summary>A context of another type, for which no compiled model is at hand.</summary>
    private sealed class Uncompiled(DbContextOptions<GasselDb> options) : GasselDb(options);

    [Fact]
    public void Migrations_hold_every_change_of_the_mapping()
    {
        using var db = new GasselDb(InMemory);
        Assert.False(db.Database.HasPendingModelChanges());
    }

    [Fact]
    public void The_compiled_model_is_the_mapping()
    {
        using var compiled = new GasselDb(InMemory);
        using var mapped = new Uncompiled(InMemory);
        Assert.Equal(Lines(mapped.Model), Lines(compiled.Model));
    }

    private static IEnumerable<string> Lines(IModel model) =>
        model
            .GetEntityTypes()
            .OrderBy(e => e.Name, StringComparer.Ordinal)
            .SelectMany(e =>
                e.GetProperties()
                    .Select(p =>
                        $"{e.GetTableName()}.{p.GetColumnName()} {p.GetColumnType()} {p.IsNullable} {p.ValueGenerated} "
                        + $"{p.IsPrimaryKey()} {p.IsForeignKey()}"
                    )
            );
}
