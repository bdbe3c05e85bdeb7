using System.Text.RegularExpressions;

namespace Gassel.Web.Tests;

/// <summary>The sources as they are read: no line that has to be scrolled, and a type where its name says.</summary>
public sealed partial class SourceTests
{
    private const int LongestLine = 140;

    private static readonly string Root = Above(AppContext.BaseDirectory);

    private static string Above(string folder) =>
        File.Exists(Path.Combine(folder, "Gassel.slnx"))
            ? folder
            : Above(Path.GetDirectoryName(folder) ?? throw new InvalidOperationException("Gassel.slnx was not found above the tests."));

    /// <summary>All of the code that is written by hand.</summary>
    private static IEnumerable<string> Sources(params string[] folders) =>
        folders
            .SelectMany(f => Directory.EnumerateFiles(Path.Combine(Root, f), "*.cs", SearchOption.AllDirectories))
            .Where(f => !f.Contains("/obj/", StringComparison.Ordinal) && !f.Contains("/Migrations/", StringComparison.Ordinal));

    [Fact]
    public void No_line_is_longer_than_140()
    {
        var files = Sources("src", "tests", "bench").ToList();
        Assert.True(files.Count > 500);
        Assert.Empty(
            files.SelectMany(f =>
                File.ReadLines(f).Select((l, i) => (l, i)).Where(t => t.l.Length > LongestLine).Select(t => $"{f}:{t.i + 1}")
            )
        );
    }

    [Fact]
    public void A_file_holds_one_public_type_and_is_named_after_it() =>
        Assert.Empty(
            Sources("src")
                .SelectMany(file =>
                {
                    var types = PublicType().Matches(File.ReadAllText(file)).Select(m => m.Groups["name"].Value).Distinct().ToList();
                    // a part of a type is named after it and what it holds: DueWork.Plants
                    var named = Path.GetFileName(file).Split('.')[0];
                    return types.Where(t => t != named).Select(t => $"{t} in {Path.GetFileName(file)}");
                })
        );

    [GeneratedRegex(
        @"^public (?:static |sealed |abstract |readonly |partial |ref )*(?:record struct|record|class|struct|enum|interface) (?<name>\w+)",
        RegexOptions.Multiline
    )]
    private static partial Regex PublicType();
}
