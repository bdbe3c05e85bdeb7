using Gassel.Core;
using Gassel.Data;
using Gassel.Data.Photos;
using Gassel.Web.Runtime;

namespace Gassel.Web.Hosting;

/// <summary><c>backup FILE</c> and <c>restore FILE</c> from the console.</summary>
internal static class CopyCommands
{
    /// <summary>Beside a copy, the folder of its photos.</summary>
    private const string Photos = ".photos";

    /// <summary>Null where the arguments ask for neither; else the exit code.</summary>
    public static int? Run(string[] args, DateTimeOffset now)
    {
        if (args is not ["backup" or "restore", ..])
            return null;
        if (args is not [var command, var path, .. var rest] || path.StartsWith('-'))
        {
            Console.Error.WriteLine($"gassel: {args[0]} needs a file: ./gassel {args[0]} FILE [--data DIR]");
            return 2;
        }
        var (launch, fault) = Launch.Read(rest);
        if (launch is null)
        {
            Console.Error.WriteLine($"gassel: {fault}");
            return 2;
        }
        try
        {
            Console.WriteLine(command == "backup" ? Backup(path, launch.DataFolder) : Restore(path, launch.DataFolder, now));
            return 0;
        }
        catch (BookUnavailableException unavailable)
        {
            Console.Error.WriteLine($"gassel: {unavailable.Message}");
            return 3;
        }
    }

    /// <summary>Also while another Gassel has the book open.</summary>
    private static string Backup(string path, string folder)
    {
        using var file = new BookFile(folder);
        if (!File.Exists(file.FilePath))
            throw new BookUnavailableException($"There is no book in {folder}. Name its folder with --data DIR.");
        if (File.Exists(path))
            throw new BookUnavailableException($"{path} is there already; name another file, so that no copy is overwritten.");
        file.TakeLockIfFree();
        file.CopyTo(Path.GetFullPath(path));
        // the book first: every picture that it speaks of was there before it
        var photos = new PhotoFolder(file).CopyTo(path + Photos);
        var inspected = BookInspection.Of(path);
        return inspected.Condition == BookCondition.Good
            ? $"{path}: {new FileInfo(path).Length / 1000} kB, whole"
                + (photos == 0 ? "" : Text.Of($", and {photos} photos in {path}{Photos}"))
                + (file.Loss is { } loss ? $"\n{loss}" : "")
            : throw new BookUnavailableException($"{path} was written, but {inspected.Words}. Do not rely on it.");
    }

    private static string Restore(string path, string folder, DateTimeOffset now)
    {
        var replaced = BookCopies.Restore(path, folder, now);
        using var file = new BookFile(folder);
        new PhotoFolder(file).TakeFrom(path + Photos);
        return replaced is null
            ? $"{path} is the book in {folder} now."
            : $"{path} is the book in {folder} now; what it replaced is {replaced}.";
    }
}
