using System.Globalization;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace Gassel.Data;

/// <summary>A book cannot be opened; the message is for the grower.</summary>
public sealed class BookUnavailableException(string message, Exception? inner = null) : Exception(message, inner);

/// <summary>The data folder: one SQLite file, held by one program at a time.</summary>
public sealed class BookFile : IDisposable
{
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

    /// <summary>Takes the lock, copies the file if a migration is pending, and migrates.</summary>
    /// <exception cref="BookUnavailableException">Not writable, in use, or no SQLite file.</exception>
    public void Open(Func<GasselDb> connect)
    {
        TakeLock();
        try
        {
            using var db = connect();
            var fresh = !File.Exists(FilePath);
            if (fresh || db.Database.GetPendingMigrations().Any())
            {
                if (!fresh)
                {
                    CopyTo(Path.Combine(Folder, string.Create(CultureInfo.InvariantCulture, $"gassel-before-{db.Database.GetMigrations().Last()}.db")));
                    ClearLeftoverMigrationLock(db);
                }
                db.Database.Migrate();
            }
        }
        catch (SqliteException damaged)
        {
            throw new BookUnavailableException($"{FilePath} cannot be read as a Gassel book ({damaged.Message}). Move it away or restore a copy.", damaged);
        }
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

    private void TakeLock()
    {
        try
        {
            Directory.CreateDirectory(Folder);
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
            command.CommandText = "PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL; PRAGMA busy_timeout = 30000;";
            command.ExecuteNonQuery();
        }
    }
}
