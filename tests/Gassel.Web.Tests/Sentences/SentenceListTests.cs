using System.Text;

namespace Gassel.Web.Tests.Sentences;

/// <summary>
/// <c>docs/sentences.md</c> holds all that Gassel says, to be read in one sitting. Its first half comes from the C# sources and
/// is written anew with <c>GASSEL_WRITE=1</c>; its second is the interface's and is held by a test there.
/// </summary>
public sealed class SentenceListTests
{
    private const string Interface = "# The interface\n";

    private static readonly string Listed = Path.Combine(SourceFiles.Root, "docs", "sentences.md");

    [Fact]
    public void All_that_the_program_says_is_listed()
    {
        var said = Said();
        var (before, after) = Halves();
        if (Environment.GetEnvironmentVariable("GASSEL_WRITE") is not null)
            File.WriteAllText(Listed, said + after);
        else
            Assert.Equal(said, before);
        Assert.True(said.Split('\n').Length > 800);
    }

    [Fact]
    public void What_is_filled_in_stands_in_braces_and_parts_are_read_as_one() =>
        Assert.Equal(
            ["Cover {n} jugs, {(n > 1 ? \"all\" : \"it\")} by dusk. Then look."],
            SentenceList.In("""class A { string B(int n) => $"Cover {n} jugs, {(n > 1 ? "all" : "it")} by dusk." + " Then look."; }""")
        );

    private static (string Before, string After) Halves()
    {
        var all = File.Exists(Listed) ? File.ReadAllText(Listed) : Interface;
        var at = all.IndexOf(Interface, StringComparison.Ordinal);
        return (all[..at], all[at..]);
    }

    private static string Said()
    {
        var text = new StringBuilder("# All that Gassel says\n\nGenerated; a test holds it. What is filled in stands in braces.\n\n");
        foreach (var floor in new[] { "src/Gassel.Core", "src/Gassel.Web" })
        {
            var rooms = SourceFiles
                .In(floor)
                .GroupBy(f => Path.GetDirectoryName(Path.GetRelativePath(SourceFiles.Root, f))!)
                .OrderBy(g => g.Key, StringComparer.Ordinal);
            foreach (var room in rooms)
            {
                var lines = room.Order(StringComparer.Ordinal)
                    .SelectMany(f => SentenceList.In(File.ReadAllText(f)).Select(t => $"- {t} *({Path.GetFileNameWithoutExtension(f)})*\n"))
                    .ToList();
                if (lines.Count > 0)
                    text.Append("## " + room.Key["src/".Length..] + "\n\n").AppendJoin("", lines).Append('\n');
            }
        }
        return text.ToString();
    }
}
