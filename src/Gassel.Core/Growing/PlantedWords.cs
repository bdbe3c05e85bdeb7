using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>How a kind lives where it is planted, in sentences.</summary>
public static class PlantedWords
{
    public static IReadOnlyList<string> Of(Planted planted)
    {
        var early = planted is { EarlyWeeks: { } weeks, FlowersInYear: > 1 }
            ? Text.Of($", in its first if sown {weeks} weeks or more before the last frost")
            : "";
        var light = Span(planted.Darkest.Words(), planted.Brightest.Words());
        var ground = Span(planted.Driest.Words(), planted.Wettest.Words());
        var apart = planted.SpacingCm switch
        {
            null => "",
            // trees: nobody measures them in centimetres
            >= 200 => $", {Quantity.Elevation(planted.SpacingCm.Value / 100)} apart",
            { } cm => $", {Quantity.Length(10 * cm)} apart",
        };
        return
        [
            $"{Text.Capital(planted.Cycle.Words())}; usually first flowers in its {Flowering.Ordinal(planted.FlowersInYear)} year{early}.",
            $"Planted in {light} on {ground} ground{apart}.",
        ];
    }

    private static string Span(string from, string to) => from == to ? from : $"{from} to {to}";
}
