using System.Diagnostics;
using Gassel.Data;
using Gassel.Web.Hosting;
using Gassel.Web.Runtime;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Gassel.Web.Tests;

/// <summary>What could lose a winter: a book that is gone, half migrated, copied without its last entries, or on a full disk.</summary>
public sealed class BookSafetyTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("gassel-safety-").FullName;

    private string Book => Path.Combine(_folder, "gassel.db");

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    private void Open()
    {
        using var file = new BookFile(_folder);
        file.Open();
    }

    private static void Ask(string path, string sql)
    {
        using var connection = new SqliteConnection($"Data Source={path};Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }

    private static long Number(string path, string sql)
    {
        using var connection = new SqliteConnection($"Data Source={path};Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        return (long)command.ExecuteScalar()!;
    }

    private string Refusal() => Assert.Throws<BookUnavailableException>(Open).Message;

    private static void OfTheFirstVersion(string folder)
    {
        using var file = new BookFile(folder);
        var options = new DbContextOptionsBuilder<GasselDb>();
        file.Configure(options);
        using var db = new GasselDb(options.Options);
        db.GetService<IMigrator>().Migrate("20261123150401_Initial");
        SqliteConnection.ClearAllPools();
    }

    [Fact]
    public void An_empty_file_is_damage_and_the_newest_good_copy_is_named()
    {
        Open();
        string copy;
        using (var file = new BookFile(_folder))
            copy = new BookCopies(file).Make(DateTimeOffset.UtcNow).Name;
        File.WriteAllBytes(Book, []);
        Assert.Contains("0 bytes", Refusal());
        Assert.Contains(copy, Refusal());
        Assert.Equal(0, new FileInfo(Book).Length);
    }

    [Theory]
    [InlineData("copies/gassel-day-2027-03-01.db")]
    [InlineData("gassel-before-20261124041309_TrialsAndLamps.db")]
    [InlineData("gassel.db-wal")]
    public void A_book_that_is_gone_while_something_speaks_of_it_is_damage(string left)
    {
        Open();
        Directory.CreateDirectory(Path.Combine(_folder, "copies"));
        File.Move(Book, Path.Combine(_folder, left));
        var said = Refusal();
        Assert.Contains("it is gone", said);
        if (left.EndsWith(".db", StringComparison.Ordinal))
            Assert.Contains(Path.GetFileName(left), said);
        Assert.False(File.Exists(Book));
    }

    [Fact]
    public void Nothing_at_all_is_a_new_book()
    {
        Open();
        Assert.True(File.Exists(Book));
        Assert.Empty(Directory.GetFiles(_folder, "*.migrating*"));
    }

    [Fact]
    public void Copies_of_a_book_that_shrank_push_none_of_the_fuller_ones_out()
    {
        Open();
        using var file = new BookFile(_folder);
        var copies = new BookCopies(file);
        Ask(Book, "INSERT INTO species (Id, ScientificName, Body) VALUES ('x', 'X', '{}')");
        for (var i = 0; i < 40; i++)
            Ask(Book, "INSERT INTO lots (SpeciesId, Body) VALUES ('x', '{}')");
        var day = new DateOnly(2027, 1, 1);
        for (var i = 0; i < 14; i++)
            copies.MakeDaily(day.AddDays(i));
        Ask(Book, "DELETE FROM lots");
        for (var i = 14; i < 34; i++)
            copies.MakeDaily(day.AddDays(i));
        var kept = copies.All().Select(c => c.Name).ToList();
        for (var i = 0; i < 14; i++)
            Assert.Contains($"gassel-day-{day.AddDays(i):yyyy-MM-dd}.db", kept);
        // those of the shrunken book are given up among themselves
        Assert.Equal(28, kept.Count);
    }

    [Fact]
    public void A_book_is_its_owners_alone_also_in_a_folder_that_others_may_look_into()
    {
        if (OperatingSystem.IsWindows())
            return;
        const UnixFileMode Owners = UnixFileMode.UserRead | UnixFileMode.UserWrite;
        var looked = File.GetUnixFileMode(_folder) | UnixFileMode.OtherRead | UnixFileMode.OtherExecute;
        File.SetUnixFileMode(_folder, looked);
        Open();
        Assert.Equal(looked, File.GetUnixFileMode(_folder));
        Assert.Equal(Owners, File.GetUnixFileMode(Path.Combine(_folder, "gassel.db")));
        var made = Path.Combine(_folder, "made");
        using var file = new BookFile(made);
        file.Open();
        Assert.Equal(Owners | UnixFileMode.UserExecute, File.GetUnixFileMode(made));
    }

    [Fact]
    public void A_before_copy_is_never_overwritten()
    {
        OfTheFirstVersion(_folder);
        var before = Path.Combine(_folder, $"gassel-before-{BookFile.NewestMigration()}.db");
        File.WriteAllText(before, "the good one of last time");
        Open();
        Assert.Equal("the good one of last time", File.ReadAllText(before));
        Assert.Equal(2, Directory.GetFiles(_folder, "gassel-before-*.db").Length);
    }

    [Fact]
    public void A_book_half_migrated_by_an_older_Gassel_is_left_alone_and_the_copy_that_migrates_is_named()
    {
        OfTheFirstVersion(_folder);
        var good = Path.Combine(_folder, "gassel-before-older.db");
        File.Copy(Book, good);
        File.SetLastWriteTimeUtc(good, DateTime.UtcNow.AddDays(-3));
        // a table of the next migration is there already, without its stamp
        Ask(Book, "CREATE TABLE weather_records (Id INTEGER)");
        var alsoHalf = Path.Combine(_folder, "gassel-before-half.db");
        File.Copy(Book, alsoHalf);
        var bytes = File.ReadAllBytes(Book);
        var said = Refusal();
        Assert.Contains("cannot be brought to this version", said);
        Assert.Contains("gassel-before-older.db", said);
        Assert.Equal(bytes, File.ReadAllBytes(Book));
        Assert.Equal(2, Directory.GetFiles(_folder, "gassel-before-*.db").Length);
    }

    [Fact]
    public void Restoring_takes_along_what_lies_in_the_wal_beside_the_copy()
    {
        Open();
        var elsewhere = Path.Combine(_folder, "elsewhere");
        Directory.CreateDirectory(elsewhere);
        var copy = Path.Combine(elsewhere, "copied-by-hand.db");
        using (var open = new SqliteConnection($"Data Source={Book};Pooling=False"))
        {
            open.Open();
            using var command = open.CreateCommand();
            command.CommandText =
                "PRAGMA journal_mode=WAL; INSERT INTO species (Id, ScientificName, Body) VALUES ('x', 'X', '{}'); "
                + "INSERT INTO lots (SpeciesId, Body) VALUES ('x', '{}');";
            command.ExecuteNonQuery();
            // as a person copies the folder while the program runs
            File.Copy(Book, copy);
            File.Copy(Book + "-wal", copy + "-wal");
        }
        var target = Path.Combine(_folder, "target");
        BookCopies.Restore(copy, target, DateTimeOffset.UtcNow);
        Assert.Equal(1, Number(Path.Combine(target, "gassel.db"), "SELECT count(*) FROM lots"));
        Assert.True(File.Exists(copy + "-wal"));
    }

    [Fact]
    public void A_lock_held_by_another_program_is_told_as_that()
    {
        Open();
        using var other = new SqliteConnection($"Data Source={Book};Pooling=False");
        other.Open();
        using var command = other.CreateCommand();
        command.CommandText = "PRAGMA journal_mode=DELETE; PRAGMA locking_mode=EXCLUSIVE; BEGIN EXCLUSIVE;";
        command.ExecuteNonQuery();
        var said = Refusal();
        Assert.Contains("locked", said);
        Assert.DoesNotContain("good copy", said);
    }

    [Fact]
    public async Task While_another_program_writes_recording_says_so_and_reading_goes_on()
    {
        await using var book = new RunningBook();
        await book.InitializeAsync();
        var batch = await book.BatchOfBalsamroot();
        using var other = new SqliteConnection($"Data Source={Path.Combine(book.Folder, "gassel.db")};Pooling=False");
        other.Open();
        using var command = other.CreateCommand();
        command.CommandText = "BEGIN IMMEDIATE";
        command.ExecuteNonQuery();
        var (status, problem) = await book.Record(batch, "2027-03-14", "warn", """{"kind":"note","part":null,"text":"while locked"}""");
        Assert.Equal(503, status);
        Assert.Contains("Nothing was saved. Another program holds the book", problem["detail"]!.GetValue<string>());
        Assert.Empty((await book.Get($"/api/batches/{batch}"))["log"]!.AsArray());
        command.CommandText = "ROLLBACK";
        command.ExecuteNonQuery();
        Assert.Equal(200, (await book.Record(batch, "2027-03-14", "warn", """{"kind":"note","part":null,"text":"after"}""")).Status);
    }

    [Fact]
    public async Task A_full_disk_is_told_at_the_start_and_while_running_and_nothing_is_half_saved()
    {
        using var disk = SmallDisk.Of(megabytes: 4);
        await using (var app = GasselHost.Build(new Launch(0, disk.Folder, Demo: false), TimeProvider.System))
        {
            await app.StartAsync(TestContext.Current.CancellationToken);
            using var http = new HttpClient { BaseAddress = new Uri(app.Urls.First()) };
            async Task<HttpResponseMessage> Lot() =>
                await http.PostAsync(
                    "/api/lots",
                    new StringContent(
                        """
                        {"speciesId":"balsamroot","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":500,
                        "assumedFraction":0.6}}
                        """,
                        System.Text.Encoding.UTF8,
                        "application/json"
                    ),
                    TestContext.Current.CancellationToken
                );
            Assert.True((await Lot()).IsSuccessStatusCode);
            // other tests of this process clear all pools; a running program keeps a connection, and with it what SQLite shares in memory
            await using var kept = new SqliteConnection($"Data Source={Path.Combine(disk.Folder, "gassel.db")};Pooling=False");
            await kept.OpenAsync(TestContext.Current.CancellationToken);
            await using var looked = kept.CreateCommand();
            looked.CommandText = "SELECT count(*) FROM lots";
            await looked.ExecuteScalarAsync(TestContext.Current.CancellationToken);
            disk.Fill();
            HttpResponseMessage answer;
            var tries = 0;
            do answer = await Lot();
            while (answer.IsSuccessStatusCode && ++tries < 2000);
            Assert.Equal(503, (int)answer.StatusCode);
            var said = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
            Assert.Contains("Nothing was saved", said);
            Assert.Contains("is full", said);
            Assert.True((await http.GetAsync("/api/rounds", TestContext.Current.CancellationToken)).IsSuccessStatusCode);
        }
    }

    [Fact]
    public void An_older_book_without_room_for_its_copy_is_told_as_a_full_disk_and_stays_as_it_is()
    {
        using var disk = SmallDisk.Of(megabytes: 1);
        OfTheFirstVersion(disk.Folder);
        disk.Fill();
        var there = File.ReadAllBytes(Path.Combine(disk.Folder, "gassel.db"));
        var said = Assert
            .Throws<BookUnavailableException>(() =>
            {
                using var file = new BookFile(disk.Folder);
                file.Open();
            })
            .Message;
        Assert.Contains("is full", said);
        Assert.DoesNotContain("restore", said);
        Assert.Equal(there, File.ReadAllBytes(Path.Combine(disk.Folder, "gassel.db")));
    }

    [Fact]
    public void A_read_only_disk_is_told_as_that()
    {
        using var disk = SmallDisk.Of(megabytes: 8);
        using (var file = new BookFile(disk.Folder))
            file.Open();
        disk.MakeReadOnly();
        var said = Assert
            .Throws<BookUnavailableException>(() =>
            {
                using var file = new BookFile(disk.Folder);
                file.Open();
            })
            .Message;
        Assert.Contains("not writable", said);
    }

    /// <summary>A disk of its own in memory; where this machine lets nobody mount one, the test is skipped and says so.</summary>
    private sealed class SmallDisk : IDisposable
    {
        public string Folder { get; } = Directory.CreateTempSubdirectory("gassel-disk-").FullName;

        public static SmallDisk Of(int megabytes)
        {
            var disk = new SmallDisk();
            if (Run("mount", "-t", "tmpfs", "-o", $"size={megabytes}m", "tmpfs", disk.Folder))
                return disk;
            Directory.Delete(disk.Folder);
            Assert.Skip("no disk can be mounted here");
            return disk;
        }

        public void Fill()
        {
            try
            {
                using var ballast = new FileStream(Path.Combine(Folder, "ballast"), FileMode.Append);
                var page = new byte[4096];
                while (true)
                {
                    ballast.Write(page);
                    ballast.Flush();
                }
            }
            catch (IOException)
            {
                // full
            }
        }

        public void MakeReadOnly() => Assert.True(Run("mount", "-o", "remount,ro", Folder));

        public void Dispose()
        {
            SqliteConnection.ClearAllPools();
            Run("umount", "-l", Folder);
            Directory.Delete(Folder);
        }

        private static bool Run(string command, params string[] words)
        {
            try
            {
                using var process = Process.Start(new ProcessStartInfo(command, words) { RedirectStandardError = true })!;
                process.WaitForExit();
                return process.ExitCode == 0;
            }
            catch (System.ComponentModel.Win32Exception)
            {
                return false;
            }
        }
    }
}
