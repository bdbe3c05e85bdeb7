using Microsoft.Data.Sqlite;

namespace Gassel.Data;

/// <summary>What a file is worth as a book.</summary>
/// <param name="Words">Why it is not good; empty where it is.</param>
public sealed record BookInspection(BookCondition Condition, string Words)
{
    /// <summary>Reads the whole file; it is not changed, and may be in use.</summary>
    public static BookInspection Of(string path)
    {
        try
        {
            using var connection = new SqliteConnection(BookFile.Alone(path, SqliteOpenMode.ReadOnly));
            connection.Open();
            using var command = connection.CreateCommand();
            object? Ask(string sql)
            {
                command.CommandText = sql;
                return command.ExecuteScalar();
            }
            if (Ask("PRAGMA integrity_check(1)") is not "ok")
                return new(BookCondition.Damaged, "SQLite finds it damaged");
            if (Ask("SELECT count(*) FROM sqlite_master WHERE name IN ('__EFMigrationsHistory', 'entries', 'batches')") is not 3L)
                return new(BookCondition.Damaged, "it does not hold the tables of a book");
            var last = Ask("SELECT max(MigrationId) FROM __EFMigrationsHistory") as string;
            return string.CompareOrdinal(last, BookFile.NewestMigration()) > 0
                ? new(BookCondition.Newer, "it was written by a newer Gassel")
                : new(BookCondition.Good, "");
        }
        catch (SqliteException unreadable)
        {
            return new(BookCondition.Damaged, unreadable.Message.TrimEnd('.'));
        }
    }

    /// <summary>How much a file holds: entries, batches and lots together; 0 where it cannot be read.</summary>
    public static long RecordsIn(string path)
    {
        try
        {
            using var connection = new SqliteConnection(BookFile.Alone(path, SqliteOpenMode.ReadOnly));
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText = "SELECT (SELECT count(*) FROM entries) + (SELECT count(*) FROM batches) + (SELECT count(*) FROM lots)";
            return command.ExecuteScalar() as long? ?? 0;
        }
        catch (SqliteException)
        {
            return 0;
        }
    }
}
