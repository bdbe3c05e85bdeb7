using System.Text.RegularExpressions;

namespace Gassel.Core.Tests;

/// <summary>docs/evidence.md, a section a model, each written by the test that knows the truth.</summary>
internal static class Evidence
{
    private const string Head = """
        # Evidence

        What Gassel's models say beside what was true, in made-up records. Written by the tests: `./gassel evidence`.

        """;

    private static readonly Lock Turn = new();

    public static void Write(string section, string words)
    {
        var path = Path.Combine(Root(), "docs", "evidence.md");
        lock (Turn)
        {
            var text = File.Exists(path) ? File.ReadAllText(path) : Head;
            var there = new Regex($"(?m)^## {Regex.Escape(section)}\n(?s:.*?)(?=^## |\\z)");
            var now = $"## {section}\n\n{words.Trim()}\n\n";
            File.WriteAllText(path, (there.IsMatch(text) ? there.Replace(text, _ => now) : text.TrimEnd() + "\n\n" + now).TrimEnd() + "\n");
        }
    }

    private static string Root()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Gassel.slnx")))
            folder = folder.Parent ?? throw new InvalidOperationException("the tests do not run inside the repository");
        return folder.FullName;
    }
}
