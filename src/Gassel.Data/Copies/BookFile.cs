using System.Reflection;
using Gassel.Core;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Diagnostics;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Gassel.Data;

/// <summary>The data folder: one SQLite file, held by one program at a time.</summary>
public sealed class BookFile : IDisposable
{
    /// <summary>What SQLite keeps per connection: a commit is on the disk before it is acknowledged.</summary>
    internal const string ConnectionSettings = "PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL; PRAGMA foreign_keys = ON;";

    /// <summary>
    /// So long a write waits for another program that has the file locked; within this one nobody waits, there is one writer.
    /// </summary>
    private const int BusySeconds = 5;

    /// <summary>Ends the name of a file that is not whole yet.</summary>
    public const string Arriving = ".arriving";

    /// <summary>Folder of the photos, in that of the book.</summary>
    internal const string PhotosName = "photos";

    private FileStream? _lock;

    /// <summary>Whether the book was open when the program that had it ended.</summary>
    private bool _wasOpen;

    /// <summary>Whether this program noted that it has the book open.</summary>
    private bool _isMarked;

    public BookFile(string folder)
    {
        Folder = Path.GetFullPath(folder);
        FilePath = Path.Combine(Folder, "gassel.db");
        ConnectionString = new SqliteConnectionStringBuilder
        {
            DataSource = FilePath,
            ForeignKeys = true,
            DefaultTimeout = BusySeconds,
        }.ToString();
    }

    public string Folder { get; }

    public string FilePath { get; }

    public string ConnectionString { get; }

    /// <summary>
    /// What may be lost of what was last recorded, in words; null where nothing speaks of it. Known once the book is open.
    /// </summary>
    public string? Loss { get; private set; }

    public DbContextOptionsBuilder Configure(DbContextOptionsBuilder builder) =>
        builder.UseSqlite(ConnectionString).AddInterceptors(Pragmas.Instance);

    /// <summary>
    /// Puts a first question together without asking it, so that EF Core has the model and itself ready by the time the book is open.
    /// </summary>
    public void Warm()
    {
        using var db = new GasselDb(((DbContextOptionsBuilder<GasselDb>)Configure(new DbContextOptionsBuilder<GasselDb>())).Options);
        _ = db.Sites.AsNoTracking().ToQueryString();
    }

    /// <summary>
    /// Takes the lock; where the file is of an older version, brings it to this one (<see cref="BookMigration"/>). A file of this version
    /// is
    /// known by its stamp alone, so that an ordinary start does not wake the migrations.
    /// </summary>
    /// <returns>True where the starter values are to be filled in: the file is new, was migrated, or holds those of an older
    /// Gassel.</returns>
    /// <exception cref="BookUnavailableException">Not writable, in use, full disk, damaged, gone, or of a newer version.</exception>
    public bool Open()
    {
        var isToFill = OpenOrMake();
        KeepPrivate();
        Mark(isOpen: true);
        return isToFill;
    }

    private bool OpenOrMake()
    {
        TakeLock();
        var migration = new BookMigration(this);
        try
        {
            migration.ClearUnfinished();
            ClearArriving();
            new HalfMadeDemo(this).Clear();
            if (IsGone() is { } gone)
                throw Damaged(gone, null);
            if (!File.Exists(FilePath))
                return migration.Create();
            Loss = LossOf(FilePath + "-wal");
            if (!IsWhole())
                throw Damaged("SQLite finds it damaged", null);
            var newest = NewestMigration();
            var (last, starter) = Stamps();
            if (last == newest)
                return starter < StarterBook.Version;
            if (string.CompareOrdinal(last, newest) > 0)
            {
                throw new BookUnavailableException($"{FilePath} was written by a newer Gassel. Start that one, or restore an older copy.");
            }
            return migration.Migrate(newest);
        }
        catch (SqliteException failed) when (DiskFault.Of(failed, Folder) is { } why)
        {
            SqliteConnection.ClearAllPools();
            throw new BookUnavailableException(why, failed);
        }
        catch (IOException failed)
        {
            SqliteConnection.ClearAllPools();
            throw new BookUnavailableException(DiskFault.Of(failed, Folder), failed);
        }
        catch (SqliteException damaged)
        {
            throw Damaged(damaged.Message, damaged);
        }
    }

    /// <summary>
    /// Why an empty book must not be begun here, though there is no book; null where there is one, or nothing speaks of one.
    /// </summary>
    private string? IsGone()
    {
        var there = new FileInfo(FilePath);
        if (there is { Exists: true, Length: > 0 })
            return null;
        if (there.Exists)
            return "it is empty, 0 bytes";
        if (File.Exists(FilePath + "-wal"))
            return "it is gone, but what was last recorded lies beside it in gassel.db-wal";
        return new BookCopies(this).Anywhere().Any() ? "it is gone, but copies of it are there" : null;
    }

    /// <summary>
    /// SQLite takes the <c>-wal</c> away when a book is closed. Where the book was not, and it is not there, somebody else took it. What
    /// cannot be read of it is kept: SQLite would write over it.
    /// </summary>
    private string? LossOf(string wal)
    {
        if (!File.Exists(wal))
        {
            return _wasOpen
                ? "The last entries may be missing. Gassel was stopped before it could close the book, and the file with its newest "
                    + $"entries, {wal}, is gone; another program may have put it into the book. See whether the last entries are there."
                : null;
        }
        if (WalLook.CommitsLost(wal) is 0)
            return null;
        var kept = Path.Combine(Folder, Text.Of($"gassel-damaged-{File.GetLastWriteTimeUtc(wal):yyyyMMdd-HHmmss}.wal"));
        File.Copy(wal, kept, overwrite: true);
        return $"Some of the last entries are lost: the file that held them, {wal}, is damaged. What could be read of it is in the book; "
            + $"the damaged file is kept as {kept}.";
    }

    /// <summary>
    /// For a command that reads the book, which another Gassel may have open. Where none has, reading it puts the <c>-wal</c> in, so that
    /// it is looked at first and the book is noted as closed afterwards.
    /// </summary>
    public void TakeLockIfFree()
    {
        try
        {
            TakeLock();
            Loss = LossOf(FilePath + "-wal");
            Mark(isOpen: true);
        }
        catch (Exception taken) when (taken is BookUnavailableException or IOException)
        {
            // open elsewhere, or not writable: whoever opens it looks
        }
    }

    /// <summary>Notes in the file of the lock whether a book is open, for the next start to see whether it was closed.</summary>
    internal void Mark(bool isOpen)
    {
        _lock!.SetLength(0);
        if (isOpen)
            _lock.Write("open"u8);
        _lock.Flush(flushToDisk: true);
        _isMarked = isOpen;
    }

    /// <summary>
    /// Looks at the structure of every page, not at each index against its table; a matter of milliseconds for a nursery's book.
    /// </summary>
    private bool IsWhole()
    {
        using var connection = new SqliteConnection(ConnectionString);
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = "PRAGMA quick_check(1)";
        return command.ExecuteScalar() is "ok";
    }

    /// <summary>The book cannot be read; names the newest copy that can.</summary>
    internal BookUnavailableException Damaged(string why, Exception? inner, Func<string, bool>? alsoGood = null)
    {
        SqliteConnection.ClearAllPools();
        var offer = new BookCopies(this).NewestGood(alsoGood) is { } copy
            ? $"The newest good copy is {copy}; put it in place with: ./gassel restore {copy} --data {Folder}"
            : "There is no good copy beside it. Restore one from elsewhere with: ./gassel restore FILE, or move the "
                + "file away to begin an empty book.";
        return new($"{FilePath} cannot be read as a Gassel book ({why.TrimEnd('.')}). {offer}", inner);
    }

    /// <summary>A consistent copy, also while the book is in use.</summary>
    public void CopyTo(string path) => Copy(ConnectionString, path);

    /// <summary>SQLite's online backup: takes along what lies in a <c>-wal</c> beside the file.</summary>
    internal static void Copy(string fromConnection, string path)
    {
        using var from = new SqliteConnection(fromConnection);
        using var to = new SqliteConnection(Alone(path));
        from.Open();
        to.Open();
        from.BackupDatabase(to);
    }

    /// <summary>A connection to a file beside the book that is closed for good when it is disposed of.</summary>
    internal static string Alone(string path, SqliteOpenMode mode = SqliteOpenMode.ReadWriteCreate) =>
        new SqliteConnectionStringBuilder
        {
            DataSource = path,
            Mode = mode,
            Pooling = false,
            ForeignKeys = true,
        }.ToString();

    /// <summary>
    /// Folds the <c>-wal</c> beside a file into it and leaves the file alone, so that it can be renamed or replaced without anything being
    /// lost.
    /// Nobody else may have it open.
    /// </summary>
    internal static void MakeSingleFile(string path)
    {
        using var connection = new SqliteConnection(Alone(path, SqliteOpenMode.ReadWrite));
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = "PRAGMA journal_mode = DELETE";
        if (command.ExecuteScalar() is not "delete")
            throw new SqliteException("the book is in use by another program", SqliteBusy);
    }

    private const int SqliteBusy = 5;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        if (_isMarked)
            Mark(isOpen: false);
        _lock?.Dispose();
    }

    internal void TakeLock()
    {
        try
        {
            if (OperatingSystem.IsWindows())
                Directory.CreateDirectory(Folder);
            else
                Directory.CreateDirectory(Folder, UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute);
            _lock = new FileStream(Path.Combine(Folder, "gassel.lock"), FileMode.OpenOrCreate, FileAccess.ReadWrite, FileShare.None);
            _wasOpen = _lock.Length > 0;
        }
        catch (UnauthorizedAccessException denied)
        {
            throw new BookUnavailableException(DiskFault.NotWritable(Folder), denied);
        }
        catch (IOException taken)
        {
            throw new BookUnavailableException(
                DiskFault.IsTaken(taken)
                    ? $"The book in {Folder} is open in another Gassel. Close that one, or choose another folder with --data DIR."
                    : DiskFault.Of(taken, Folder),
                taken
            );
        }
    }

    /// <summary>
    /// What people record and how they sign in is nobody else's on this machine. A folder that was there already may hold more than a book
    /// and keeps its rights; the book, its copies and its photos do not need them.
    /// </summary>
    private void KeepPrivate()
    {
        if (OperatingSystem.IsWindows())
            return;
        const UnixFileMode Owners = UnixFileMode.UserRead | UnixFileMode.UserWrite;
        try
        {
            foreach (var ending in new[] { "", "-wal", "-shm" })
            {
                if (File.Exists(FilePath + ending))
                    File.SetUnixFileMode(FilePath + ending, Owners);
            }
            foreach (var folder in new[] { new BookCopies(this).Folder, Path.Combine(Folder, PhotosName) })
            {
                if (Directory.Exists(folder))
                    File.SetUnixFileMode(folder, Owners | UnixFileMode.UserExecute);
            }
        }
        catch (Exception failed) when (failed is UnauthorizedAccessException or IOException)
        {
            // another user's, or a disk that knows no rights: the book is opened all the same
        }
    }

    /// <summary>Packages and photos that were on their way in when the program was killed; the book never spoke of them.</summary>
    private void ClearArriving()
    {
        foreach (var left in Directory.EnumerateFiles(Folder, "package-*" + Arriving))
            File.Delete(left);
        if (Directory.Exists(Path.Combine(Folder, PhotosName)))
        {
            foreach (var left in Directory.EnumerateFiles(Path.Combine(Folder, PhotosName), "*" + Arriving))
                File.Delete(left);
        }
    }

    internal static string NewestMigration() =>
        typeof(GasselDb)
            .Assembly.GetTypes()
            .Select(t => t.GetCustomAttribute<MigrationAttribute>()?.Id)
            .OfType<string>()
            .Max(StringComparer.Ordinal)!;

    /// <summary>The last migration, null in a file without any, and the version of the starter values.</summary>
    private (string? Migration, long Starter) Stamps()
    {
        using var connection = new SqliteConnection(ConnectionString);
        connection.Open();
        using var command = connection.CreateCommand();
        object? Ask(string sql)
        {
            command.CommandText = sql;
            return command.ExecuteScalar();
        }
        var migrated = Ask("SELECT count(*) FROM sqlite_master WHERE name = '__EFMigrationsHistory'") is 1L;
        return (
            migrated ? Ask("SELECT max(MigrationId) FROM __EFMigrationsHistory") as string : null,
            Ask("PRAGMA user_version") as long? ?? 0
        );
    }

    /// <summary>Settings that SQLite keeps per connection.</summary>
    private sealed class Pragmas : DbConnectionInterceptor
    {
        public static readonly Pragmas Instance = new();

        public override void ConnectionOpened(System.Data.Common.DbConnection connection, ConnectionEndEventData eventData) =>
            Set(connection);

        public override Task ConnectionOpenedAsync(
            System.Data.Common.DbConnection connection,
            ConnectionEndEventData eventData,
            CancellationToken cancellationToken = default
        )
        {
            Set(connection);
            return Task.CompletedTask;
        }

        private static void Set(System.Data.Common.DbConnection connection)
        {
            using var command = connection.CreateCommand();
            command.CommandText = ConnectionSettings;
            command.ExecuteNonQuery();
        }
    }
}
