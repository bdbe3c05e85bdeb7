using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>
/// Brings an older book to this version without ever touching it half: a copy is migrated, and takes the place of the book by a rename
/// when it is whole. Killed at any moment, the next start finds the old book or the new one.
/// </summary>
internal sealed class BookMigration(BookFile file)
{
    private readonly string _working = file.FilePath + ".migrating";

    /// <summary>What a killed start left behind; the book beside it is whole.</summary>
    public void ClearUnfinished()
    {
        foreach (var left in Directory.GetFiles(file.Folder, Path.GetFileName(_working) + "*"))
            File.Delete(left);
    }

    /// <summary>An empty book. True, as starter values are wanted.</summary>
    public bool Create()
    {
        MigrateFile(_working);
        PutInPlace();
        return true;
    }

    /// <summary>
    /// The older book is kept as <c>gassel-before-VERSION.db</c>, beside those that are there already. True, as starter values are wanted.
    /// </summary>
    /// <exception cref="BookUnavailableException">Its tables are not those of the version it says it is; names the newest copy that
    /// migrates.</exception>
    public bool Migrate(string newest)
    {
        file.CopyTo(_working);
        try
        {
            MigrateFile(_working);
        }
        catch (SqliteException failed) when (DiskFault.Of(failed, file.Folder) is null)
        {
            ClearUnfinished();
            throw file.Damaged($"it cannot be brought to this version: {failed.Message}", failed, Migrates);
        }
        KeepBefore(newest);
        SqliteConnection.ClearAllPools();
        BookFile.MakeSingleFile(file.FilePath);
        PutInPlace();
        return true;
    }

    /// <summary>True where a copy of the file can be brought to this version.</summary>
    private bool Migrates(string path)
    {
        try
        {
            BookFile.Copy(BookFile.Alone(path, SqliteOpenMode.ReadOnly), _working);
            MigrateFile(_working);
            return true;
        }
        catch (SqliteException)
        {
            return false;
        }
        finally
        {
            ClearUnfinished();
        }
    }

    private static void MigrateFile(string path)
    {
        using (var db = new GasselDb(new DbContextOptionsBuilder<GasselDb>().UseSqlite(BookFile.Alone(path)).Options))
        {
            ClearLeftoverMigrationLock(db);
            db.Database.Migrate();
        }
        BookFile.MakeSingleFile(path);
    }

    private void KeepBefore(string newest)
    {
        var arriving = Path.Combine(file.Folder, "gassel-before.arriving");
        File.Delete(arriving);
        file.CopyTo(arriving);
        BookFile.MakeSingleFile(arriving);
        File.Move(arriving, Unused(Path.Combine(file.Folder, $"gassel-before-{newest}")));
    }

    private static string Unused(string stem)
    {
        var path = stem + ".db";
        for (var n = 2; File.Exists(path); n++)
            path = $"{stem}-{n}.db";
        return path;
    }

    private void PutInPlace() => File.Move(_working, file.FilePath, overwrite: true);

    /// <summary>Under our own lock nobody else migrates, so a lock row that a killed program left behind is stale.</summary>
    private static void ClearLeftoverMigrationLock(GasselDb db)
    {
        var has = db.Database.SqlQueryRaw<int>("SELECT count(*) AS Value FROM sqlite_master WHERE name = '__EFMigrationsLock'").Single();
        if (has > 0)
            db.Database.ExecuteSqlRaw("DELETE FROM \"__EFMigrationsLock\"");
    }
}
