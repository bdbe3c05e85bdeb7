using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>
/// Room on the shelves, counted in what stands there: a bag or jar on table, cold and warm shelf, a tray under the lamps or on the mat, a
/// container or
/// tray in the yard. One batch, one bag, as long as it is not sown; potted plants by the width of their pots, where it was said; plants
/// grown on stay under the lamps for eight weeks and stand in the
/// yard after that (our assumption).
/// </summary>
public static class ShelfSpace
{
    /// <summary>Days of growing on under lamps before the plants go out (our assumption).</summary>
    public const int DaysUnderLamps = 56;

    public static string Unit(PlaceKind place) => PlaceTrait.Of(place).Holds;

    /// <summary>The same for so many: a bag, two bags.</summary>
    public static string Units(PlaceKind place, int many) => many == 1 ? Unit(place).TrimEnd('s') : Unit(place);

    /// <summary>What a plan takes along its steps.</summary>
    /// <param name="steps">Steps of the route with the days they are laid to; those of no day take nothing.</param>
    /// <param name="near">The kind that a book has where it has none of the usual one.</param>
    public static IReadOnlyList<SpaceTaken> Of(
        RouteSetting setting,
        IEnumerable<(RouteStep Step, DateOnly Start, DateOnly End)> steps,
        int trays,
        int containers,
        Func<PlaceKind, PlaceKind> near
    ) =>
        [
            .. from s in steps
            where s.End > s.Start
            from stay in Stays(near(UsualPlaces.For(setting, s.Step)), s.Step.Kind, s.Start, s.End, near)
            select new SpaceTaken(
                stay.Place,
                stay.From,
                stay.To,
                Units(stay.Place, trays, setting == RouteSetting.Indoors ? trays : containers)
            ),
        ];

    /// <summary>What a batch takes from today on, as it goes and as it will follow.</summary>
    /// <param name="kinds">Kind of each place by its id.</param>
    public static IReadOnlyList<SpaceTaken> Of(
        BatchPlan plan,
        BatchState state,
        IReadOnlyDictionary<string, PlaceKind> kinds,
        DateOnly today,
        Func<PlaceKind, PlaceKind> near
    ) =>
        [
            .. from part in state.Living
            let share = part.Seeds > 0 ? (double)part.Seeds / Math.Max(part.Seeds, plan.Seeds) : 1
            let arrived = part is { Seeds: 0, SownOn: not null } ? Math.Max(1, part.Plants.Growing + part.Plants.Dormant) : (int?)null
            from s in Ribbon.For(plan, part, today)
            where s.Time != RibbonTime.Past && s.End > s.Start
            let step = plan.Steps[s.Step].Step
            let place = s.Time == RibbonTime.Now && part.Place is { } at && kinds.TryGetValue(at, out var kind)
                ? kind
                : near(UsualPlaces.For(plan.Route.Setting, step))
            let trays = s.Kind > StepKind.Germinate ? Grown(part) ?? Trays(arrived ?? (int)(plan.Plants * share))
            : part.Vessel is { Kind: VesselKind.Tray or VesselKind.DeepCells or VesselKind.Flat } ? 1
            : Trays(arrived ?? (part.Seeds > 0 ? part.Seeds : plan.Seeds))
            from stay in Stays(place, s.Kind, s.Start, s.End, near)
            select new SpaceTaken(
                stay.Place,
                stay.From,
                stay.To,
                plan.Route.IsOutdoors ? 1 : Units(stay.Place, trays, trays),
                s.Kind == StepKind.Germinate && part.SownAs?.Cells is not null ? part.Vessel?.Label.Trim().ToUpperInvariant() : null
            ),
        ];

    /// <summary>A tray that several batches share takes its room once, from the first that came to the last that goes.</summary>
    public static IEnumerable<SpaceTaken> Together(IReadOnlyList<SpaceTaken> taken) =>
        [
            .. taken.Where(t => t.Shared is null),
            .. taken
                .Where(t => t.Shared is not null)
                .GroupBy(t => (t.Place, t.Shared))
                .Select(g => g.First() with { From = g.Min(t => t.From), To = g.Max(t => t.To), Units = g.Max(t => t.Units) }),
        ];

    /// <summary>Trays of those that are potted, by the width of their pots; null where nobody said one.</summary>
    /// <param name="usualCm">Taken where nobody said their width; null to take none.</param>
    public static int? Grown(PartState part, double? usualCm = null) =>
        (part.PotCm ?? usualCm) is { } cm
        && part.Plants.Stages.Where(s => s.Stage is PlantStage.Potted or PlantStage.Hardened).Sum(s => s.Alive + s.Dormant)
            is > 0
                and var potted
            ? PotRoom.Of(potted, cm).Trays
            : null;

    /// <summary>Trays of the usual size for so many seeds, one to a cell.</summary>
    public static int Trays(int seeds) => Math.Max(1, (seeds + PlanAssumptions.CellsPerTray - 1) / PlanAssumptions.CellsPerTray);

    /// <summary>The tightest day at each kind of place that the plan needs.</summary>
    public static IReadOnlyList<SpaceCheck> Check(
        IReadOnlyList<SpaceTaken> plan,
        IReadOnlyList<SpaceTaken> others,
        IReadOnlyDictionary<PlaceKind, int> capacity
    ) =>
        [
            .. plan.GroupBy(p => p.Place)
                .OrderBy(g => g.Key)
                .Select(g =>
                {
                    var rivals = others.Where(o => o.Place == g.Key).ToList();
                    // what others take changes only where one of them comes, so those days and the plan's own are enough
                    var days = g.SelectMany(mine =>
                        rivals
                            .Select(o => o.From)
                            .Where(d => d > mine.From && d < mine.To)
                            .Prepend(mine.From)
                            .Select(d => (Day: d, Mine: mine.Units))
                    );
                    var tightest = days.Select(d =>
                            (d.Day, d.Mine, Others: rivals.Where(o => o.From <= d.Day && d.Day < o.To).Sum(o => o.Units))
                        )
                        .MaxBy(d => d.Mine + d.Others);
                    return new SpaceCheck(
                        g.Key,
                        Unit(g.Key),
                        tightest.Mine,
                        g.Min(m => m.From),
                        g.Max(m => m.To),
                        tightest.Day,
                        tightest.Others,
                        capacity.TryGetValue(g.Key, out var room) ? room : null
                    );
                }),
        ];

    private static IEnumerable<(PlaceKind Place, DateOnly From, DateOnly To)> Stays(
        PlaceKind place,
        StepKind kind,
        DateOnly from,
        DateOnly to,
        Func<PlaceKind, PlaceKind> near
    )
    {
        var goesOut = from.AddDays(DaysUnderLamps);
        if (place != near(PlaceKind.LampShelf) || kind != StepKind.GrowOn || to <= goesOut)
            return [(place, from, to)];
        return [(place, from, goesOut), (near(PlaceKind.Yard), goesOut, to)];
    }

    private static int Units(PlaceKind place, int trays, int containers) =>
        PlaceTrait.Of(place).Holds switch
        {
            PlaceTrait.Trays => trays,
            PlaceTrait.Containers => containers,
            _ => 1,
        };
}
