using Gassel.Core.Growing;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>
/// What a winter takes, from all that is planned and not begun. Trays of the usual cells, deep cells for tap roots, a pot for each other
/// plant wanted, a bag for each batch that lies moist, mix by the usual volumes of vessels (starter values, from memory; measure your own).
/// </summary>
public static class Supplies
{
    private const string SeedKey = "seed-";

    /// <summary>Names under which stock may be kept.</summary>
    public static IReadOnlyList<string> Keys { get; } =
    [
        "trays",
        "deepCells",
        "domes",
        .. Enum.GetValues<ContainerPreset>().Select(KeyOf),
        "bags",
        "pots",
        "labels",
        .. Enum.GetValues<MixPart>().Select(KeyOf),
    ];

    /// <summary>Width of the first pot, at least and at most, cm, and litres of one: the next after the usual cell.</summary>
    private static readonly (double FromCm, double ToCm, double Litres) _firstPot = PotSize.Next(
        Math.Round(2 * Math.Sqrt(PotRoom.TrayCm2 / PlanAssumptions.CellsPerTray)) / 2
    );

    /// <param name="stock">By key; what is missing is none.</param>
    /// <param name="seedEach">Price of a seed; null where nobody entered it.</param>
    /// <param name="labelsASheet">Of the paper that labels are printed on, at least 1.</param>
    public static IReadOnlyList<SupplyLine> Of(
        IReadOnlyList<SupplyNeed> needs,
        IReadOnlyDictionary<string, SupplyStock> stock,
        double? seedEach,
        int labelsASheet
    )
    {
        var (inTrays, inDeep, inPots) = (Where(n => n.InTrays), Where(n => n.InDeepCells), Where(n => n.InPots));
        var (containers, moist) = (Where(n => n.Route.Setting == RouteSetting.WinterContainer), Where(n => n.LiesMoist));
        var (trays, deep) = (inTrays.Sum(n => ShelfSpace.Trays(n.Seeds)), inDeep.Sum(n => n.Seeds));
        var jugs = containers.Sum(n => n.Containers);
        // a vessel is labelled twice, inside and outside (common practice, no source)
        var labels = 2 * (trays + jugs) + moist.Count + inDeep.Count;
        var lines = new List<SupplyLine>();
        Count("trays", Text.Of($"Trays of {PlanAssumptions.CellsPerTray} cells"), trays, inTrays, "one seed to a cell");
        Count("domes", "Domes", trays, inTrays, "one for each tray; kinds that come up cool need none");
        Count("deepCells", "Deep cells", deep, inDeep, "one for each seed of kinds with a tap root");
        foreach (var kind in containers.GroupBy(n => n.Kind).OrderBy(g => g.Key))
        {
            List<SupplyNeed> of = [.. kind];
            Count(
                KeyOf(kind.Key),
                Text.Of($"Winter containers: {kind.Key.Words()}"),
                of.Sum(n => n.Containers),
                of,
                $"as many as the plan spreads its seed over, of the kind used last; {RuleOfThumb.VesselHolds} work"
            );
        }
        Count("bags", "Bags for moist seed", moist.Count, moist, "one a batch");
        var pots = inPots.Sum(n => n.Plants);
        Count(
            "pots",
            Text.Of($"Pots, {Quantity.Length(10 * _firstPot.FromCm)} to {Quantity.Length(10 * _firstPot.ToCm)} wide"),
            pots,
            inPots,
            "one for each plant wanted; the first after the cell, bigger ones are told batch by batch"
        );
        Count(
            "labels",
            "Labels",
            labels,
            needs,
            Text.Of(
                $"two for each tray and container, one for each bag and kind in deep cells: "
                    + $"{(labels + labelsASheet - 1) / labelsASheet} sheets of {labelsASheet}"
            )
        );
        lines.AddRange(Mix(trays * PlanAssumptions.CellsPerTray, jugs, deep, moist.Count, pots, stock));
        lines.AddRange(Seed(needs, seedEach));
        return lines;

        List<SupplyNeed> Where(Func<SupplyNeed, bool> which) => [.. needs.Where(which)];

        void Count(string key, string what, int many, IReadOnlyList<SupplyNeed> whose, string rule)
        {
            if (many > 0)
            {
                lines.Add(
                    new(
                        key,
                        what,
                        many,
                        false,
                        true,
                        stock.GetValueOrDefault(key, SupplyStock.None),
                        [Text.Of($"{Text.Capital(rule)}, for {Names(whose)}.")]
                    )
                );
            }
        }
    }

    /// <summary>Litres of each part, over the mixes for the cold, for sowing and for pots.</summary>
    private static IEnumerable<SupplyLine> Mix(
        int cells,
        int jugs,
        int deep,
        int bags,
        int pots,
        IReadOnlyDictionary<string, SupplyStock> stock
    )
    {
        (string Vessels, int Many, double Litres, int Mix)[] filled =
        [
            (MixVessel.Cell.Words(), cells, MixAmounts.UsualLitres(MixVessel.Cell), ForSowing),
            ("deep cells", deep, DeepCellLitres, ForSowing),
            (MixVessel.Container.Words(), jugs, MixAmounts.UsualLitres(MixVessel.Container), ForSowing),
            (MixVessel.Bag.Words(), bags, MixAmounts.UsualLitres(MixVessel.Bag), ForTheCold),
            (MixVessel.Pot.Words(), pots, _firstPot.Litres, ForPots),
        ];
        return from f in filled
            where f.Many > 0
            let named = MixAmounts.Usual[f.Mix]
            from part in MixAmounts.For(f.Many, f.Litres, named.Shares).Parts
            let words = Text.Of(
                $"{Quantity.Volume(part.Litres)} for {f.Vessels}: {f.Many} of {Quantity.Volume(f.Litres)}, mixed {named.Name}."
            )
            group (part.Litres, Words: words) by part.Part into g
            orderby g.Key
            select new SupplyLine(
                KeyOf(g.Key),
                Text.Capital(g.Key.Words()),
                g.Sum(p => p.Litres),
                true,
                true,
                stock.GetValueOrDefault(KeyOf(g.Key), SupplyStock.None),
                [.. g.Select(p => p.Words), "Loose, before it settles; volumes of vessels are starter values, from memory."]
            );
    }

    private static IEnumerable<SupplyLine> Seed(IReadOnlyList<SupplyNeed> needs, double? seedEach) =>
        from n in needs
        where n.SeedsLacking > 0
        group n by n.Species.Id into kind
        let first = kind.First()
        orderby first.Species.CommonName
        select new SupplyLine(
            SeedKey + kind.Key,
            $"Seed of {first.Species.CommonName}, to gather or buy",
            kind.Sum(n => n.SeedsLacking),
            false,
            false,
            new(0, seedEach),
            [Text.Of($"Lacking for {Names(kind)}."), first.Ripe ?? "When it is ripe here is not known: no lot of it was gathered yet."]
        );

    /// <summary>Which of the usual mixes.</summary>
    private const int ForTheCold = 0;
    private const int ForSowing = 1;
    private const int ForPots = 4;

    /// <summary>A cell for a tap root, litres (starter value, from memory).</summary>
    private const double DeepCellLitres = 0.15;

    private static string KeyOf(ContainerPreset kind) => kind == ContainerPreset.Jug4 ? "containers" : "containers" + kind;

    private static string KeyOf(MixPart part) => part.ToString().ToLowerInvariant();

    private static string Names(IEnumerable<SupplyNeed> needs) => string.Join(", ", needs.Select(n => n.Name));
}
