using Gassel.Core;
using Gassel.Data;
using Gassel.Data.Packages;
using Gassel.Web.Runtime;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Hosting;

/// <summary><c>export FILE</c> and <c>import FILE</c> from the console.</summary>
internal static class PackageCommands
{
    private const string DryRun = "--dry-run";

    /// <summary>Null where the arguments ask for neither; else the exit code.</summary>
    public static async Task<int?> Run(string[] args, DateTimeOffset now)
    {
        if (args is not ["export" or "import", ..])
            return null;
        if (args is not [var command, var path, .. var rest] || path.StartsWith('-'))
        {
            Console.Error.WriteLine($"gassel: {args[0]} needs a file: ./gassel {args[0]} FILE [--data DIR]");
            return 2;
        }
        var (launch, fault) = Launch.Read([.. rest.Where(r => r != DryRun)]);
        if (launch is null)
        {
            Console.Error.WriteLine($"gassel: {fault}");
            return 2;
        }
        try
        {
            using var file = new BookFile(launch.DataFolder);
            Console.WriteLine(command == "export" ? Export(file, path, now) : await Import(file, path, save: !rest.Contains(DryRun)));
            return 0;
        }
        catch (Exception unavailable) when (unavailable is BookUnavailableException or PackageException or IOException)
        {
            Console.Error.WriteLine($"gassel: {unavailable.Message}");
            return 3;
        }
    }

    /// <summary>Also while another Gassel has the book open.</summary>
    private static string Export(BookFile file, string path, DateTimeOffset now)
    {
        if (!File.Exists(file.FilePath))
            throw new BookUnavailableException($"There is no book in {file.Folder}. Name its folder with --data DIR.");
        file.TakeLockIfFree();
        using (var into = new FileStream(path, FileMode.CreateNew))
            PackageWriter.Write(file, into, PackageLicence.NotSpecified, now);
        return Text.Of($"{path}: {new FileInfo(path).Length / 1000} kB, the whole book as an open package")
            + (file.Loss is { } loss ? $"\n{loss}" : "");
    }

    /// <summary>Into a book that no other Gassel has open; into a new one where there is none.</summary>
    private static async Task<string> Import(BookFile file, string path, bool save)
    {
        using var packed = File.OpenRead(path);
        await using var db = new GasselDb(Options(file));
        if (file.Open())
            await StarterBook.Fill(db);
        using var package = PackageImport.Read(file, packed);
        var report = save ? package.Save() : package.Look();
        if (save)
            await StarterBook.Fill(db);
        return string.Join(
            '\n',
            report
                .Counts.Where(c => c.New + c.Same + c.Clashing + c.Replaced + c.LeftOut > 0)
                .Select(c =>
                    Text.Of(
                        $"{c.Name}: {c.New} new, {c.Same} there already, {c.Replaced} instead of starter values, {c.Clashing} clashing "
                            + $"(the book's own stay), {c.LeftOut} left out"
                    )
                )
                .Concat(report.Renumbered)
                .Concat(report.Photos > 0 ? [Text.Of($"photos: {report.Photos} new")] : [])
                .Append(save ? "Taken in." : "Nothing was taken in; this was a look.")
        );
    }

    private static DbContextOptions<GasselDb> Options(BookFile file)
    {
        var builder = new DbContextOptionsBuilder<GasselDb>();
        file.Configure(builder);
        return builder.Options;
    }
}
