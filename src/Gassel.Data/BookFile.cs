using System.Reflection;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Diagnostics;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Gassel.Data;

/// <summary>A book cannot be opened; the message is for the grower.</summary>
public sealed class BookUnavailableException(string message, Exception? inner = null) : Exception(message, inner);

/// <summary>The data folder: one SQLite file, held by one program at a time.</summary>
public sealed class BookFile : IDisposable
{
    /// <summary>What SQLite keeps per connection: a commit is on the disk before it is acknowledged.</summary>
    internal const string ConnectionSettings = "PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL; PRAGMA foreign_keys = ON;";

    private FileStream? _lock;

    public BookFile(string folder)
    {
        Folder = Path.GetFullPath(folder);
        FilePath = Path.Combine(Folder, "gassel.db");
        ConnectionString = new SqliteConnectionStringBuilder
        {
            DataSource = FilePath,
            ForeignKeys = true,
            DefaultTimeout = 30,
        }.ToString();
    }

    public string Folder { get; }

    public string FilePath { get; }

    public string ConnectionString { get; }

    public DbContextOptionsBuilder Configure(DbContextOptionsBuilder builder) =>
        builder.UseSqlite(ConnectionString).AddInterceptors(Pragmas.Instance);

    /// <summary>
    /// Takes the lock; where the file is of an older version, copies it and migrates. A file of this version is known by its stamp
    /// alone, so that an ordinary start does not wake the migrations.
    /// </summary>
    /// <returns>True where the starter values are to be filled in: the file is new, was migrated, or holds those of an older Gassel.</returns>
    /// <exception cref="BookUnavailableException">Not writable, in use, of a newer version, or no SQLite file.</exception>
    public bool Open(Func<GasselDb> connect)
    {
        TakeLock();
        try
        {
            var fresh = !File.Exists(FilePath);
            if (!fresh && !IsWhole()) throw Damaged("SQLite finds it damaged", null);
            var newest = NewestMigration();
            var (last, starter) = fresh ? (null, 0) : Stamps();
            if (last == newest) return starter < StarterBook.Version;
            if (string.CompareOrdinal(last, newest) > 0)
            {
                throw new BookUnavailableException($"{FilePath} was written by a newer Gassel. Start that one, or restore an older copy.");
            }
            using var db = connect();
            if (!fresh)
            {
                CopyTo(Path.Combine(Folder, $"gassel-before-{newest}.db"));
                ClearLeftoverMigrationLock(db);
            }
            db.Database.Migrate();
            return true;
        }
        catch (SqliteException damaged)
        {
            throw Damaged(damaged.Message, damaged);
        }
    }

    /// <summary>Looks at the structure of every page, not at each index against its table; a matter of milliseconds for a nursery's book.</summary>
    private bool IsWhole()
    {
        using var connection = new SqliteConnection(ConnectionString);
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = "PRAGMA quick_check(1)";
        return command.ExecuteScalar() is "ok";
    }

    private BookUnavailableException Damaged(string why, Exception? inner)
    {
        SqliteConnection.ClearAllPools();
        var offer = new BookCopies(this).NewestGood() is { } copy
            ? $"The newest good copy is {copy}; put it in place with: ./gassel restore {copy} --data {Folder}"
            : "There is no good copy beside it. Move it away, or restore one from elsewhere with: ./gassel restore FILE";
        return new($"{FilePath} cannot be read as a Gassel book ({why.TrimEnd('.')}). {offer}", inner);
    }

    /// <summary>A consistent copy, also while the book is in use.</summary>
    public void CopyTo(string path)
    {
        using var from = new SqliteConnection(ConnectionString);
        using var to = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = path, Pooling = false }.ToString());
        from.Open();
        to.Open();
        from.BackupDatabase(to);
    }

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        _lock?.Dispose();
    }

    internal void TakeLock()
    {
        try
        {
            // what people record and how they sign in is nobody else's on this machine
            if (OperatingSystem.IsWindows()) Directory.CreateDirectory(Folder);
            else Directory.CreateDirectory(Folder, UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute);
            _lock = new FileStream(Path.Combine(Folder, "gassel.lock"), FileMode.OpenOrCreate, FileAccess.ReadWrite, FileShare.None);
        }
        catch (UnauthorizedAccessException denied)
        {
            throw new BookUnavailableException($"The data folder {Folder} is not writable. Choose another with --data DIR.", denied);
        }
        catch (IOException taken)
        {
            throw new BookUnavailableException(Directory.Exists(Folder)
                ? $"The book in {Folder} is open in another Gassel. Close that one, or choose another folder with --data DIR."
                : $"The data folder {Folder} cannot be made. Choose another with --data DIR.", taken);
        }
    }

    internal static string NewestMigration() => typeof(GasselDb).Assembly.GetTypes()
        .Select(t => t.GetCustomAttribute<MigrationAttribute>()?.Id).OfType<string>().Max(StringComparer.Ordinal)!;

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
        return (migrated ? Ask("SELECT max(MigrationId) FROM __EFMigrationsHistory") as string : null, Ask("PRAGMA user_version") as long? ?? 0);
    }

    /// <summary>Under our own lock nobody else migrates, so a lock row that a killed program left behind is stale.</summary>
    private static void ClearLeftoverMigrationLock(GasselDb db)
    {
        var has = db.Database.SqlQueryRaw<int>("SELECT count(*) AS Value FROM sqlite_master WHERE name = '__EFMigrationsLock'").Single();
        if (has > 0) db.Database.ExecuteSqlRaw("DELETE FROM \"__EFMigrationsLock\"");
    }

    /// <summary>Settings that SQLite keeps per connection.</summary>
    private sealed class Pragmas : DbConnectionInterceptor
    {
        public static readonly Pragmas Instance = new();

        public override void ConnectionOpened(System.Data.Common.DbConnection connection, ConnectionEndEventData eventData) => Set(connection);

        public override Task ConnectionOpenedAsync(
            System.Data.Common.DbConnection connection, ConnectionEndEventData eventData, CancellationToken cancellationToken = default)
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
