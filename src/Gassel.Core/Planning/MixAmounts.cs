using System.Globalization;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>How much of each part a mix for so many vessels takes.</summary>
public static class MixAmounts
{
    /// <summary>Loose mix sinks by about so much when it is watered in and pressed (our assumption).</summary>
    public const double UsualSettling = 0.15;

    public const double MostSettling = 0.5;

    /// <summary>Volume of one vessel taken where none is given, litres (starter values, from memory; measure one of your own).</summary>
    public static double UsualLitres(MixVessel vessel) =>
        vessel switch
        {
            MixVessel.Bag => 0.1,
            MixVessel.Cell => 0.04,
            MixVessel.Pot => 0.6,
            _ => 1.4,
        };

    /// <summary>Mixes that growers name by their parts (common practice, no source).</summary>
    public static IReadOnlyList<(string Name, IReadOnlyList<MixShare> Shares)> Usual { get; } =
    [
        ("for the cold, 4 : 1", [new(MixPart.Peat, 4), new(MixPart.Vermiculite, 1)]),
        ("for sowing, 3 : 1", [new(MixPart.Peat, 3), new(MixPart.Perlite, 1)]),
        ("lean and sharp, 1 : 1 : 1", [new(MixPart.Coir, 1), new(MixPart.Sand, 1), new(MixPart.Grit, 1)]),
        ("sand alone", [new(MixPart.Sand, 1)]),
        ("for pots, 2 : 1 : 1", [new(MixPart.Bark, 2), new(MixPart.Peat, 1), new(MixPart.Perlite, 1)]),
    ];

    /// <param name="count">Vessels, at least 1.</param>
    /// <param name="litresEach">Above 0.</param>
    /// <param name="shares">At least one, each above 0, no part twice.</param>
    /// <param name="settling">Share of the loose volume that is lost, 0 to <see cref="MostSettling"/>.</param>
    /// <param name="boiled">True where the water is boiled first against fungus gnats.</param>
    public static MixResult For(
        int count,
        double litresEach,
        IReadOnlyList<MixShare> shares,
        double settling = UsualSettling,
        bool boiled = false
    )
    {
        var filled = count * litresEach;
        var loose = filled / (1 - settling);
        var all = shares.Sum(s => s.Parts);
        var parts = shares.Select(s => new MixAmount(s.Part, s.Parts, loose * s.Parts / all)).ToList();
        var water = parts.Sum(p => p.Litres * WaterFor(p.Part));
        var working = new List<string>
        {
            Text.Of($"{count} × {Quantity.Volume(litresEach)} = {Quantity.Volume(filled)} when settled."),
            Text.Of(
                $"Settling {settling:0.##} (our assumption unless you measured it): {Quantity.Volume(filled)} ÷ (1 − "
                    + $"{settling:0.##}) = {Quantity.Volume(loose)} loose."
            ),
            Text.Of(
                $"Shares "
                    + $"{string.Join(" : ", shares.Select(s => s.Parts.ToString("0.##", CultureInfo.InvariantCulture)))} of "
                    + $"{all:0.##} parts by loose volume: "
                    + $"{string.Join(", ", parts
                        .Select(p => $"{p.Part.Words()} {Quantity.Volume(p.Litres)}"))}."
            ),
            Text.Of(
                $"Water to begin with, by part (our assumption: "
                    + $"{string.Join(", ", parts
                        .Select(p => $"{p.Part.Words()} {WaterFor(p.Part).ToString("0.##", CultureInfo.InvariantCulture)} "
                        + $"parts of water"))}): "
                    + $"{Quantity.Volume(water)}. Add it in three goes."
            ),
        };
        return new(
            filled,
            loose,
            parts,
            water,
            "Squeeze a handful: it feels wet and holds its shape, and no drop falls. Sand alone: damp, no water standing.",
            CautionsFor(shares, boiled),
            working
        );
    }

    /// <summary>Litres of water for a litre of the dry part (our assumption).</summary>
    private static double WaterFor(MixPart part) =>
        part switch
        {
            MixPart.Peat or MixPart.Coir => 0.5,
            MixPart.Sphagnum => 0.6,
            MixPart.Vermiculite => 0.4,
            MixPart.Compost or MixPart.Bark => 0.25,
            MixPart.Perlite or MixPart.Loam => 0.2,
            MixPart.Sand => 0.15,
            _ => 0.05,
        };

    private static List<Caution> CautionsFor(IReadOnlyList<MixShare> shares, bool boiled)
    {
        bool Has(params MixPart[] any) => shares.Any(s => any.Contains(s.Part));
        var cautions = new List<Caution>();
        if (Has(MixPart.Peat, MixPart.Coir, MixPart.Vermiculite, MixPart.Perlite, MixPart.Sand, MixPart.Grit))
            cautions.Add(Cautions.OfDust);
        if (Has(MixPart.Compost, MixPart.Bark, MixPart.Loam))
            cautions.Add(Cautions.OfPottingMix);
        if (Has(MixPart.Sphagnum))
            cautions.Add(Cautions.OfSphagnum);
        if (boiled)
            cautions.Add(Cautions.OfBoilingWater);
        return cautions;
    }
}
