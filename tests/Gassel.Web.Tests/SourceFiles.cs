namespace Gassel.Web.Tests;

/// <summary>Where the sources lie.</summary>
internal static class SourceFiles
{
    public static readonly string Root = Above(AppContext.BaseDirectory);

    private static string Above(string folder) =>
        File.Exists(Path.Combine(folder, "Gassel.slnx"))
            ? folder
            : Above(Path.GetDirectoryName(folder) ?? throw new InvalidOperationException("Gassel.slnx was not found above the tests."));

    /// <summary>All of the code that is written by hand.</summary>
    public static IEnumerable<string> In(params string[] folders) =>
        folders
            .SelectMany(f => Directory.EnumerateFiles(Path.Combine(Root, f), "*.cs", SearchOption.AllDirectories))
            .Where(f => !f.Contains("/obj/", StringComparison.Ordinal) && !f.Contains("/Migrations/", StringComparison.Ordinal));
}
