using Gassel.Data;
using Microsoft.Data.Sqlite;

namespace Gassel.Web.Tests;

/// <summary>
/// The newest entries lie in gassel.db-wal until SQLite puts them in; what happens to that file is not passed over in silence.
/// </summary>
public sealed class WalLossTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("gassel-wal-").FullName;

    private string Book => Path.Combine(_folder, "gassel.db");

    private string Wal => Book + "-wal";

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    /// <summary>A folder as a program leaves it that is killed after some commits; each writes one lot.</summary>
    private void Killed(int commits)
    {
        var lived = Path.Combine(_folder, "lived");
        using var file = new BookFile(lived);
        file.Open();
        using var connection = new SqliteConnection(file.ConnectionString);
        connection.Open();
        using var command = connection.CreateCommand();
        void Run(string sql)
        {
            command.CommandText = sql;
            command.ExecuteNonQuery();
        }
        Run(BookFile.ConnectionSettings);
        Run("INSERT OR IGNORE INTO species (Id, ScientificName, Body) VALUES ('x', 'X', '{}')");
        Run("PRAGMA wal_checkpoint(RESTART)");
        for (var i = 0; i < commits; i++)
            Run("INSERT INTO lots (SpeciesId, Body) VALUES ('x', '{}')");
        // the lock keeps this program from reading the third file; what it says is what BookFile.Mark writes
        File.WriteAllText(Path.Combine(_folder, "gassel.lock"), "open");
        foreach (var name in new[] { "gassel.db", "gassel.db-wal" })
        {
            using var from = new FileStream(Path.Combine(lived, name), FileMode.Open, FileAccess.Read, FileShare.ReadWrite);
            using var to = File.Create(Path.Combine(_folder, name));
            from.CopyTo(to);
        }
    }

    private (string? Loss, long Lots) Opened()
    {
        using var file = new BookFile(_folder);
        file.Open();
        using var connection = new SqliteConnection(file.ConnectionString);
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = "SELECT count(*) FROM lots";
        return (file.Loss, (long)command.ExecuteScalar()!);
    }

    /// <summary>Turns one byte round in the frame that many commits before the last.</summary>
    private void Damage(int before)
    {
        var bytes = File.ReadAllBytes(Wal);
        const int Frame = 24 + 4096;
        bytes[^(before * Frame + Frame / 2)] ^= 0xff;
        File.WriteAllBytes(Wal, bytes);
    }

    [Fact]
    public void After_a_kill_all_is_there_and_nothing_is_said()
    {
        Killed(commits: 5);
        Assert.Equal((null, 5), Opened());
        // closed in order, nothing lies beside it the next time
        Assert.False(File.Exists(Wal));
        Assert.Equal((null, 5), Opened());
    }

    [Fact]
    public void A_wal_that_is_gone_after_a_kill_is_told()
    {
        Killed(commits: 5);
        File.Delete(Wal);
        var (loss, lots) = Opened();
        Assert.Equal(0, lots);
        Assert.Contains("gassel.db-wal", loss);
        Assert.Contains("gone", loss);
    }

    [Fact]
    public void A_damaged_wal_is_told_and_kept()
    {
        Killed(commits: 12);
        Damage(before: 9);
        var damaged = File.ReadAllBytes(Wal);
        var (loss, lots) = Opened();
        Assert.InRange(lots, 1, 10);
        Assert.Contains("damaged", loss);
        Assert.Equal(damaged, File.ReadAllBytes(Assert.Single(Directory.GetFiles(_folder, "gassel-damaged-*.wal"))));
    }

    [Fact]
    public void A_last_commit_that_a_power_cut_left_half_written_is_no_damage()
    {
        Killed(commits: 5);
        Damage(before: 0);
        Assert.Equal((null, 4), Opened());
        Assert.Empty(Directory.GetFiles(_folder, "gassel-damaged-*.wal"));
    }

    [Fact]
    public void A_header_that_cannot_be_read_is_damage()
    {
        Killed(commits: 5);
        var bytes = File.ReadAllBytes(Wal);
        bytes[17] ^= 0xff;
        File.WriteAllBytes(Wal, bytes);
        Assert.Contains("damaged", Opened().Loss);
    }

    [Fact]
    public void A_copy_made_from_the_console_after_a_kill_takes_the_wal_along_and_raises_no_alarm()
    {
        Killed(commits: 5);
        var copy = Path.Combine(_folder, "by-hand.db");
        Assert.Equal(0, Hosting.CopyCommands.Run(["backup", copy, "--data", _folder], DateTimeOffset.UtcNow));
        Assert.Equal((null, 5), Opened());
    }

    [Fact]
    public void A_restored_book_has_lost_nothing_whatever_befell_the_one_before()
    {
        Killed(commits: 5);
        var copy = Path.Combine(_folder, "by-hand.db");
        Hosting.CopyCommands.Run(["backup", copy, "--data", _folder], DateTimeOffset.UtcNow);
        Killed(commits: 2);
        File.Delete(Wal);
        BookCopies.Restore(copy, _folder, DateTimeOffset.UtcNow);
        Assert.Equal((null, 5), Opened());
    }
}
