using Gassel.Core;
using Microsoft.Data.Sqlite;

namespace Gassel.Data;

/// <summary>Copies of the book beside it: one a day by itself, others when asked for, the oldest daily ones given up.</summary>
public sealed class BookCopies(BookFile file)
{
    private readonly Lock _writing = new();

    /// <summary>Daily copies kept; those asked for are never given up.</summary>
    public const int DailyKept = 14;

    private const string Daily = "gassel-day-";

    public string Folder { get; } = Path.Combine(file.Folder, "copies");

    /// <summary>Newest first.</summary>
    public IReadOnlyList<BookCopy> All() =>
        !Directory.Exists(Folder)
            ? []
            :
            [
                .. new DirectoryInfo(Folder)
                    .GetFiles("*.db")
                    .OrderByDescending(f => f.LastWriteTimeUtc)
                    .Select(f => new BookCopy(f.Name, new(f.LastWriteTimeUtc, TimeSpan.Zero), f.Length)),
            ];

    /// <summary>Path of a copy by its name; null where there is none such, or the name is a path.</summary>
    public string? PathOf(string name) => All().Any(c => c.Name == name) ? Path.Combine(Folder, name) : null;

    /// <summary>A copy with the moment in its name.</summary>
    public BookCopy Make(DateTimeOffset now) => Write(Text.Of($"gassel-{now.UtcDateTime:yyyyMMdd-HHmmss}.db"));

    /// <summary>
    /// The copy of the day, unless it is there; gives up the oldest daily ones beyond those kept. A book that shrank to less than half
    /// pushes
    /// none out that holds more: something was lost, and nobody may have noticed.
    /// </summary>
    public bool MakeDaily(DateOnly day)
    {
        var name = Text.Of($"{Daily}{day:yyyy-MM-dd}.db");
        var path = Path.Combine(Folder, name);
        if (File.Exists(path))
            return false;
        Write(name);
        var holds = BookInspection.RecordsIn(path);
        var daily = Directory.GetFiles(Folder, Daily + "*.db").OrderDescending(StringComparer.Ordinal).ToList();
        foreach (var old in daily.Skip(DailyKept).Where(old => BookInspection.RecordsIn(old) <= 2 * holds))
            File.Delete(old);
        return true;
    }

    /// <summary>Paths of every copy in or beside the book's folder, whatever made it; newest first.</summary>
    public IEnumerable<string> Anywhere()
    {
        var beside = new DirectoryInfo(file.Folder);
        var copies = new DirectoryInfo(Folder);
        return (beside.Exists ? beside.GetFiles("gassel-*.db") : [])
            .Concat(copies.Exists ? copies.GetFiles("*.db") : [])
            .OrderByDescending(f => f.LastWriteTimeUtc)
            .Select(f => f.FullName);
    }

    /// <summary>The newest copy that is whole and of a version that can be opened; null where there is none.</summary>
    public string? NewestGood(Func<string, bool>? alsoGood = null) =>
        Anywhere().FirstOrDefault(p => BookInspection.Of(p).Condition == BookCondition.Good && alsoGood?.Invoke(p) != false);

    /// <summary>
    /// Puts a copy in the place of the book, which must not be open, with what lies in a <c>-wal</c> beside the copy. What it replaces is
    /// kept.
    /// </summary>
    /// <returns>Path of what was replaced; null where there was no book.</returns>
    /// <exception cref="BookUnavailableException">The copy is not there, damaged or of a newer Gassel, or the book is open.</exception>
    public static string? Restore(string copy, string dataFolder, DateTimeOffset now)
    {
        if (!File.Exists(copy))
            throw new BookUnavailableException($"There is no file {copy}.");
        var inspected = BookInspection.Of(copy);
        if (inspected.Condition != BookCondition.Good)
            throw new BookUnavailableException($"{copy} cannot be restored: {inspected.Words}. Nothing was changed.");
        using var file = new BookFile(dataFolder);
        file.TakeLock();
        var arriving = file.FilePath + ".arriving";
        try
        {
            File.Delete(arriving);
            BookFile.Copy(BookFile.Alone(copy, SqliteOpenMode.ReadOnly), arriving);
            BookFile.MakeSingleFile(arriving);
            var replaced = Replaced(file.Folder, now);
            var there = File.Exists(file.FilePath);
            if (there)
                Keep(file, replaced);
            // what lies beside a book that is gone or damaged must not be folded into the new one, nor be lost
            if (File.Exists(file.FilePath + "-wal"))
                File.Move(file.FilePath + "-wal", replaced + "-wal", overwrite: true);
            File.Delete(file.FilePath + "-shm");
            // what comes is no half-made demo, whatever lay here
            new HalfMadeDemo(file).Done();
            File.Move(arriving, file.FilePath, overwrite: true);
            // whatever befell the one before, this one is whole
            file.Mark(isOpen: false);
            return there ? replaced : null;
        }
        catch (SqliteException failed)
        {
            throw new BookUnavailableException(
                DiskFault.Of(failed, file.Folder) ?? $"{copy} cannot be restored: {failed.Message.TrimEnd('.')}. Nothing was changed.",
                failed
            );
        }
        catch (IOException failed)
        {
            throw new BookUnavailableException(DiskFault.Of(failed, file.Folder), failed);
        }
    }

    /// <summary>A name that is free: what an earlier restore of the same second replaced stays.</summary>
    private static string Replaced(string folder, DateTimeOffset now)
    {
        var name = Path.Combine(folder, Text.Of($"gassel-replaced-{now.UtcDateTime:yyyyMMdd-HHmmss}"));
        var number = 1;
        var path = name + ".db";
        while (File.Exists(path) || File.Exists(path + "-wal"))
            path = Text.Of($"{name}-{++number}.db");
        return path;
    }

    /// <summary>A damaged file cannot be copied through SQLite: its bytes are kept.</summary>
    private static void Keep(BookFile file, string replaced)
    {
        if (BookInspection.Of(file.FilePath).Condition == BookCondition.Damaged)
        {
            File.Copy(file.FilePath, replaced);
            return;
        }
        file.CopyTo(replaced);
        SqliteConnection.ClearAllPools();
        BookFile.MakeSingleFile(file.FilePath);
    }

    private BookCopy Write(string name)
    {
        // asked for twice at once, each is made, and a name that was given stays with its copy
        lock (_writing)
            return WriteAlone(name);
    }

    private BookCopy WriteAlone(string wanted)
    {
        Directory.CreateDirectory(Folder);
        var name = wanted;
        for (var again = 2; File.Exists(Path.Combine(Folder, name)); again++)
            name = Text.Of($"{Path.GetFileNameWithoutExtension(wanted)}-{again}.db");
        var path = Path.Combine(Folder, name);
        // whole or not at all: a copy that is torn must not look like one
        var arriving = path + ".arriving";
        File.Delete(arriving);
        file.CopyTo(arriving);
        File.Move(arriving, path, overwrite: true);
        var made = new FileInfo(path);
        return new(name, new(made.LastWriteTimeUtc, TimeSpan.Zero), made.Length);
    }
}
