using Gassel.Data;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Gassel.Web.Tests;

/// <summary>A book of the first version opens with everything that was recorded in it.</summary>
public sealed class OlderBookTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("gassel-older-").FullName;

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    [Fact]
    public async Task Its_lots_come_over_with_their_tests_and_what_is_left_of_them()
    {
        using var file = new BookFile(_folder);
        GasselDb Connect()
        {
            var options = new DbContextOptionsBuilder<GasselDb>();
            file.Configure(options);
            return new(options.Options);
        }
        await using (var db = Connect())
        {
            await db.GetService<IMigrator>().MigrateAsync("20261123150401_Initial", TestContext.Current.CancellationToken);
            await db.Database.ExecuteSqlRawAsync(
                """
                INSERT INTO species (Id, ScientificName, Body) VALUES ('balsamroot', 'Balsamorhiza sagittata', '{{}}');
                INSERT INTO lots (SpeciesId, GatheredAt, GatheredOn, Seeds, TestGerminated, TestSeeds, AssumedFraction, Note) VALUES
                    ('balsamroot', 'slope', '2026-07-02', 420, 24, 40, NULL, NULL),
                    ('balsamroot', 'a "gulch"', '2025-07-11', 150, NULL, NULL, 0.45, 'in the jar');
                """,
                TestContext.Current.CancellationToken
            );
        }
        SqliteConnection.ClearAllPools();
        Assert.True(file.Open());
        await using (var db = Connect())
            await StarterBook.Fill(db);
        using var shelf = new BatchShelf(Connect);
        var lots = await new LotBook(Connect, shelf).All();
        Assert.Equal((420, 40, 24), (lots[0].Left, lots[0].Lot.Tests![0].Seeds, lots[0].Lot.Tests![0].Germinated));
        Assert.Null(lots[0].Lot.Tests![0].Given);
        Assert.Equal(
            ("a \"gulch\"", 0.45, "in the jar", new DateOnly(2025, 7, 11), 150),
            (lots[1].Lot.GatheredAt, lots[1].Lot.AssumedFraction, lots[1].Lot.Note, lots[1].Lot.GatheredOn, lots[1].Left)
        );
        Assert.True(File.Exists(Directory.EnumerateFiles(_folder, "gassel-before-*.db").Single()));
    }

    /// <summary>A book from before the second starter set, in which the grower had bloodroot and a namesake of ours.</summary>
    [Fact]
    public async Task New_starter_species_leave_those_that_a_grower_added_alone()
    {
        using var file = new BookFile(_folder);
        GasselDb Connect()
        {
            var options = new DbContextOptionsBuilder<GasselDb>();
            file.Configure(options);
            return new(options.Options);
        }
        await using (var db = Connect())
        {
            await db.Database.MigrateAsync(TestContext.Current.CancellationToken);
            foreach (var (id, name) in new[] { ("red-puccoon", "Sanguinaria canadensis"), ("wild-bergamot", "Monarda didyma") })
            {
                var own = Species(id, name);
                db.Species.Add(
                    new()
                    {
                        Id = id,
                        ScientificName = name,
                        Own = CoreJson.Write(own),
                    }
                );
            }
            await db.SaveChangesAsync(TestContext.Current.CancellationToken);
            await StarterBook.Fill(db);
        }
        await using (var db = Connect())
        {
            var rows = await db.Species.Include(s => s.Routes).ToListAsync(TestContext.Current.CancellationToken);
            Assert.Single(rows, r => r.ScientificName == "Sanguinaria canadensis");
            var bergamot = rows.Single(r => r.Id == "wild-bergamot");
            Assert.Equal(("Monarda didyma", null, 0), (bergamot.ScientificName, bergamot.Body, bergamot.Routes.Count));
            Assert.Contains(rows, r => r.Id == "common-milkweed");
        }
    }

    private static Gassel.Core.Treatments.Species Species(string id, string name) =>
        Gassel.Core.Treatments.StarterLibrary.All.Single(s => s.Id == "bloodroot") with
        {
            Id = id,
            ScientificName = name,
            Routes = [],
        };
}
