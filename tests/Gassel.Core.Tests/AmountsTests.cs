using System.Runtime.CompilerServices;
using System.Text.Json.Nodes;

namespace Gassel.Core.Tests;

/// <summary>Amounts as the table says that the interface writes them too.</summary>
public class AmountsTests
{
    private static readonly Dictionary<string, Func<double, string>> Quantities = new()
    {
        ["temperature"] = Quantity.Temperature,
        ["difference"] = Quantity.Difference,
        ["length"] = v => Quantity.Length(v),
        ["volume"] = Quantity.Volume,
        ["speed"] = Quantity.Speed,
        ["area"] = Quantity.Area,
    };

    private static string Table([CallerFilePath] string here = "") => Path.Combine(Path.GetDirectoryName(here)!, "..", "amounts.json");

    public static TheoryData<string, double, string, string> Rows =>
        [
            .. from kind in Quantities.Keys
            from row in JsonNode.Parse(File.ReadAllText(Table()))![kind]!.AsArray()
            select (kind, row![0]!.GetValue<double>(), row[1]!.GetValue<string>(), row[2]!.GetValue<string>()),
        ];

    [Theory]
    [MemberData(nameof(Rows))]
    public void The_speaker_writes_what_the_table_says(string kind, double amount, string metric, string customary)
    {
        var value = Quantities[kind](amount);
        Assert.Equal(metric, new Speaker(Units.Metric, new(2027, 3, 14)).Say(value));
        Assert.Equal(customary, new Speaker(Units.UnitedStates, new(2027, 3, 14)).Say(value));
    }
}
