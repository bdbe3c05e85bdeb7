using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>
/// What a winter takes, from all that is planned and not begun. Trays of the usual cells, a pot for each plant wanted, a bag for each batch
/// that lies moist, mix by the usual volumes of vessels (starter values, from memory; measure your own). What is on hand is not deducted.
/// </summary>
public static class Supplies
{
    public static IReadOnlyList<SupplyLine> Of(IReadOnlyList<SupplyNeed> needs)
    {
        var indoors = needs.Where(n => n.Setting == RouteSetting.Indoors).ToList();
        var containers = needs.Where(n => n.Setting == RouteSetting.WinterContainer).ToList();
        var moist = needs.Where(n => n.LiesMoist).ToList();
        var trays = indoors.Sum(n => ShelfSpace.Trays(n.Seeds));
        var (jugs, pots) = (containers.Sum(n => n.Containers), needs.Where(n => n.Setting != RouteSetting.AutumnBed).Sum(n => n.Plants));
        var lines = new List<SupplyLine>();
        Count(Text.Of($"Trays of {PlanAssumptions.CellsPerTray} cells"), trays, indoors, "one seed to a cell");
        Count("Winter containers", jugs, containers, "as many as the plan spreads its seed over");
        Count("Bags for moist seed", moist.Count, moist, "one a batch");
        Count("Pots", pots, [.. needs.Where(n => n.Setting != RouteSetting.AutumnBed)], "one for each plant wanted");
        Count("Labels", trays + jugs + moist.Count, needs, "one for each tray, container and bag; pots not counted");
        Mix("Mix for sowing", 1, (MixVessel.Cell, trays * PlanAssumptions.CellsPerTray), (MixVessel.Container, jugs));
        Mix("Mix for the cold", 0, (MixVessel.Bag, moist.Count));
        foreach (var kind in needs.Where(n => n.SeedsLacking > 0).GroupBy(n => n.CommonName).OrderBy(g => g.Key, StringComparer.Ordinal))
        {
            lines.Add(
                new(
                    $"Seed of {kind.Key}",
                    Text.Of($"{kind.Sum(n => n.SeedsLacking)} seeds to gather or buy"),
                    [Text.Of($"Lacking for {Names(kind)}.")]
                )
            );
        }
        return lines;

        void Count(string what, int many, IReadOnlyList<SupplyNeed> whose, string rule)
        {
            if (many > 0)
                lines.Add(new(what, Text.Of($"{many}"), [Text.Of($"{Text.Capital(rule)}, for {Names(whose)}.")]));
        }

        void Mix(string what, int usual, params (MixVessel Vessel, int Many)[] filled)
        {
            var litres = filled.Sum(f => f.Many * MixAmounts.UsualLitres(f.Vessel));
            if (litres <= 0)
                return;
            var vessels = filled
                .Where(f => f.Many > 0)
                .Select(f => Text.Of($"{f.Many} {f.Vessel.Words()} of {Quantity.Volume(MixAmounts.UsualLitres(f.Vessel))}"));
            var (name, shares) = MixAmounts.Usual[usual];
            var mix = MixAmounts.For(1, litres, shares);
            lines.Add(
                new(
                    what,
                    string.Join(", ", mix.Parts.Select(p => $"{p.Part.Words()} {Quantity.Volume(p.Litres)}")),
                    [$"{Text.Capital(name)} by loose volume, for {string.Join(" and ", vessels)} (starter values, from memory)."]
                )
            );
        }
    }

    private static string Names(IEnumerable<SupplyNeed> needs) => string.Join(", ", needs.Select(n => n.Name));
}
