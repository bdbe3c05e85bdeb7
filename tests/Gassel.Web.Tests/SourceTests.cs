using System.Text.RegularExpressions;

namespace Gassel.Web.Tests;

/// <summary>The sources as they are read: no line that has to be scrolled, and a type where its name says.</summary>
public sealed partial class SourceTests
{
    private const int LongestLine = 140;

    [Fact]
    public void No_line_is_longer_than_140()
    {
        var files = SourceFiles.In("src", "tests", "bench").ToList();
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
            SourceFiles
                .In("src")
                .SelectMany(file =>
                {
                    var types = PublicType().Matches(File.ReadAllText(file)).Select(m => m.Groups["name"].Value).Distinct().ToList();
                    // a part of a type is named after it and what it holds: DueWork.Plants
                    var named = Path.GetFileName(file).Split('.')[0];
                    return types.Where(t => t != named).Select(t => $"{t} in {Path.GetFileName(file)}");
                })
        );

    /// <summary>
    /// No value is written out in a sentence of the core or of a feature: units, days and bare amounts of a unit go through
    /// <c>Quantity</c>. What is refused of a calculator's fields is said in the units of its contract.
    /// </summary>
    [Fact]
    public void No_sentence_writes_a_value_itself()
    {
        string[] speak = ["Quantity.cs", "Speaker.cs", "RuleOfThumb.cs"];
        var found = SourceFiles
            .In("src/Gassel.Core", "src/Gassel.Web/Features")
            .Where(f => !speak.Contains(Path.GetFileName(f)))
            .SelectMany(f =>
                File.ReadLines(f)
                    .Select((line, i) => (Line: line, At: $"{Path.GetFileName(f)}:{i + 1}: {line.Trim()}"))
                    .Where(t =>
                        !t.Line.TrimStart().StartsWith("//", StringComparison.Ordinal)
                        && !t.Line.Contains("[Words(", StringComparison.Ordinal)
                    )
                    .Where(t =>
                        UnitInText().IsMatch(t.Line)
                        || DayInText().IsMatch(t.Line)
                        || (BareAmount().IsMatch(t.Line) && !f.Contains("/Calculators/", StringComparison.Ordinal))
                    )
                    .Select(t => t.At)
            );
        Assert.Empty(found);
    }

    [Theory]
    [InlineData("""Say($"the shelf is {tempC:0.#} °C");""")]
    [InlineData("""Say("wait for 15 °C");""")]
    [InlineData("""Say($"all from {response.FullFromC} to");""")]
    [InlineData("""Say($"pots of {widthCm:0} by");""")]
    [InlineData("""Say($"since {on:d MMM}");""")]
    public void One_that_did_would_be_found(string line) =>
        Assert.True(UnitInText().IsMatch(line) || DayInText().IsMatch(line) || BareAmount().IsMatch(line));

    [GeneratedRegex(@"""[^""]*(\}|[–−]|(?<![A-Za-z\d.])\d+(\.\d+)?) ?(°C|°F|K|mm|cm|km/h|ml|l|kg|m²)(?![\w·/(])[^""]*""")]
    private static partial Regex UnitInText();

    [GeneratedRegex(@"\{[^}]*:(ddd )?d MMM|ToString\(""(ddd )?d MMM")]
    private static partial Regex DayInText();

    [GeneratedRegex(@"""[^""]*\{[\w.!]*[a-z](C|Cm|Mm|Kmh|Litres|M2)(:[^}""]*)?\}")]
    private static partial Regex BareAmount();

    [GeneratedRegex(
        @"^public (?:static |sealed |abstract |readonly |partial |ref )*(?:record struct|record|class|struct|enum|interface) (?<name>\w+)",
        RegexOptions.Multiline
    )]
    private static partial Regex PublicType();
}
