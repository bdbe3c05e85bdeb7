using System.Globalization;

namespace Gassel.Data;

/// <summary>A copy of the book.</summary>
public sealed record BookCopy(string Name, DateTimeOffset MadeAt, long Bytes);

/// <summary>Copies of the book beside it: one a day by itself, others when asked for, the oldest daily ones given up.</summary>
public sealed class BookCopies(BookFile file)
{
    /// <summary>Daily copies kept; those asked for are never given up.</summary>
    public const int DailyKept = 14;

    private const string Daily = "gassel-day-";

    public string Folder { get; } = Path.Combine(file.Folder, "copies");

    /// <summary>Newest first.</summary>
    public IReadOnlyList<BookCopy> All() => !Directory.Exists(Folder)
        ? []
        : [.. new DirectoryInfo(Folder).GetFiles("*.db").OrderByDescending(f => f.LastWriteTimeUtc).Select(f => new BookCopy(f.Name, new(f.LastWriteTimeUtc, TimeSpan.Zero), f.Length))];

    /// <summary>Path of a copy by its name; null where there is none such, or the name is a path.</summary>
    public string? PathOf(string name) => All().Any(c => c.Name == name) ? Path.Combine(Folder, name) : null;

    /// <summary>A copy with the moment in its name.</summary>
    public BookCopy Make(DateTimeOffset now) => Write(string.Create(CultureInfo.InvariantCulture, $"gassel-{now.UtcDateTime:yyyyMMdd-HHmmss}.db"));

    /// <summary>The copy of the day, unless it is there; gives up the oldest daily ones beyond those kept.</summary>
    public bool MakeDaily(DateOnly day)
    {
        var name = string.Create(CultureInfo.InvariantCulture, $"{Daily}{day:yyyy-MM-dd}.db");
        if (File.Exists(Path.Combine(Folder, name))) return false;
        Write(name);
        var daily = Directory.GetFiles(Folder, Daily + "*.db").OrderDescending(StringComparer.Ordinal).ToList();
        foreach (var old in daily.Skip(DailyKept)) File.Delete(old);
        return true;
    }

    /// <summary>The newest copy that is whole and of a version that can be opened; null where there is none.</summary>
    public string? NewestGood() => All().Select(c => Path.Combine(Folder, c.Name)).FirstOrDefault(p => BookInspection.Of(p).Condition == BookCondition.Good);

    /// <summary>
    /// Puts a copy in the place of the book, which must not be open. What it replaces is kept beside it.
    /// </summary>
    /// <returns>Path of what was replaced; null where there was no book.</returns>
    /// <exception cref="BookUnavailableException">The copy is not there, damaged or of a newer Gassel, or the book is open.</exception>
    public static string? Restore(string copy, string dataFolder, DateTimeOffset now)
    {
        if (!File.Exists(copy)) throw new BookUnavailableException($"There is no file {copy}.");
        var inspected = BookInspection.Of(copy);
        if (inspected.Condition != BookCondition.Good) throw new BookUnavailableException($"{copy} cannot be restored: {inspected.Words}. Nothing was changed.");
        using var file = new BookFile(dataFolder);
        file.TakeLock();
        var arriving = file.FilePath + ".arriving";
        File.Copy(copy, arriving, overwrite: true);
        string? replaced = null;
        if (File.Exists(file.FilePath))
        {
            replaced = Path.Combine(file.Folder, string.Create(CultureInfo.InvariantCulture, $"gassel-replaced-{now.UtcDateTime:yyyyMMdd-HHmmss}.db"));
            if (BookInspection.Of(file.FilePath).Condition == BookCondition.Damaged) KeepAsItIs(file.FilePath, replaced);
            else file.CopyTo(replaced);
        }
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        // what the old book had not yet folded in must not be folded into the new one
        File.Delete(file.FilePath + "-wal");
        File.Delete(file.FilePath + "-shm");
        File.Move(arriving, file.FilePath, overwrite: true);
        return replaced;
    }

    /// <summary>A damaged file cannot be copied through SQLite: its bytes are kept, with what lay beside it.</summary>
    private static void KeepAsItIs(string from, string to)
    {
        File.Copy(from, to);
        foreach (var tail in new[] { "-wal", "-shm" })
        {
            if (File.Exists(from + tail)) File.Copy(from + tail, to + tail);
        }
    }

    private BookCopy Write(string name)
    {
        Directory.CreateDirectory(Folder);
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
