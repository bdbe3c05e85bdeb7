using System.Diagnostics;
using Gassel.Data;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Gassel.Browser.Tests;

/// <summary>
/// An old book with 60,000 lots, and a program that is killed at many moments while it brings the book to its own version.
/// </summary>
public sealed class MigrationTortureTests : IDisposable
{
    private const int Lots = 60_000;

    private readonly string _folder = Directory.CreateTempSubdirectory("gassel-migration-").FullName;

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    [Fact]
    public async Task Killed_at_any_moment_the_book_opens_with_every_lot()
    {
        var old = Path.Combine(_folder, "old");
        Make(old);
        var whole = Path.Combine(_folder, "whole");
        Copy(old, whole);
        var takes = Stopwatch.StartNew();
        using (new RunningProgram(demo: false, whole))
            takes.Stop();
        Assert.Equal(Lots, LotsIn(whole));

        // one book goes through all the kills, as it would at a grower's whose machine keeps failing
        var book = Path.Combine(_folder, "killed");
        Copy(old, book);
        var stillOld = 0;
        for (var ms = 200; ms < takes.ElapsedMilliseconds + 300; ms += (int)Math.Max(150, takes.ElapsedMilliseconds / 12))
        {
            using var process = Process.Start(
                new ProcessStartInfo("dotnet", [Path.Combine(RunningProgram.Build, "Gassel.Web.dll"), "--port", "0", "--data", book])
                {
                    RedirectStandardOutput = true,
                    RedirectStandardError = true,
                }
            )!;
            await Task.Delay(ms, TestContext.Current.CancellationToken);
            process.Kill();
            process.WaitForExit();
            // whatever stands there is whole: the old book or the new one, with every lot
            Assert.Equal(Lots, LotsIn(book));
            if (Migrations(book) == 1)
                stillOld++;
        }
        Assert.True(stillOld > 2, $"only {stillOld} kills came before the book was there");
        using (new RunningProgram(demo: false, book)) { }
        Assert.Equal(Lots, LotsIn(book));
        Assert.True(Migrations(book) > 1);
        Assert.All(Directory.GetFiles(book, "gassel-before-*.db"), before =>
            Assert.Equal(BookCondition.Good, BookInspection.Of(before).Condition)
        );
        Assert.Empty(Directory.GetFiles(book, "*.migrating*"));
    }

    private static void Make(string folder)
    {
        Directory.CreateDirectory(folder);
        using var file = new BookFile(folder);
        var options = new DbContextOptionsBuilder<GasselDb>();
        file.Configure(options);
        using var db = new GasselDb(options.Options);
        db.GetService<IMigrator>().Migrate("20261123150401_Initial");
        db.Database.ExecuteSqlRaw("INSERT INTO species (Id, ScientificName, Body) VALUES ('balsamroot', 'Balsamorhiza sagittata', '{{}}')");
        db.Database.ExecuteSqlRaw(
            FormattableString.Invariant(
                $"""
                WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < {Lots})
                INSERT INTO lots (SpeciesId, GatheredAt, GatheredOn, Seeds, TestGerminated, TestSeeds, AssumedFraction, Note)
                SELECT 'balsamroot', 'slope ' || i, '2026-07-02', 420, 24, 40, NULL, 'in jar ' || i FROM n
                """
            )
        );
        SqliteConnection.ClearAllPools();
    }

    private static void Copy(string from, string to)
    {
        Directory.CreateDirectory(to);
        foreach (var file in Directory.GetFiles(from, "gassel.db*"))
            File.Copy(file, Path.Combine(to, Path.GetFileName(file)));
    }

    private static long LotsIn(string folder) => Ask(folder, "SELECT count(*) FROM lots");

    private static long Migrations(string folder) => Ask(folder, "SELECT count(*) FROM __EFMigrationsHistory");

    private static long Ask(string folder, string sql)
    {
        using var connection = new SqliteConnection($"Data Source={Path.Combine(folder, "gassel.db")};Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        return (long)command.ExecuteScalar()!;
    }
}
