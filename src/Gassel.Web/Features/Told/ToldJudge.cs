using System.Globalization;
using Gassel.Core;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Book;

namespace Gassel.Web.Features.Told;

/// <summary>Judges told lines one after the other; what one takes of a lot the next no longer has.</summary>
internal sealed class ToldJudge(
    IReadOnlyList<Core.Treatments.Species> species,
    IReadOnlyList<KeptLot> lots,
    IReadOnlyList<Place> places,
    DateOnly today,
    bool monthFirst
)
{
    private readonly TypedDay _days = new(monthFirst);

    private readonly Dictionary<int, int> _left = lots.ToDictionary(l => l.Id, l => l.Left);

    public (ToldVerdict Verdict, ToldBatch? Good) Judge(ToldLine line)
    {
        (ToldVerdict, ToldBatch?) No(string field, string why, IReadOnlyList<string>? near = null) =>
            (new(line, why, field, near ?? [], null), null);
        if (NamedInLines.NoSpecies(species, line.Species) is { } unknown)
            return No("species", unknown.Why, unknown.Near);
        var kind = NameMatch.Exact(species, line.Species)!;
        var ofKind = lots.Where(l => l.SpeciesId == kind.Id).ToList();
        if (ofKind.Count == 0)
            return No("lot", $"There is no lot of {kind.CommonName}; enter it on Seed first.");
        List<KeptLot> meant = [.. line.Lot.Length == 0 ? ofKind : NamedInLines.Meant(ofKind, line.Lot)];
        if (meant.Count != 1)
        {
            return No(
                "lot",
                $"{(meant.Count == 0 ? $"There is no lot '{line.Lot}' of {kind.CommonName}" : $"{kind.CommonName} has several lots")}; "
                    + $"which one is meant?",
                [.. ofKind.Select(NamedInLines.Words)]
            );
        }
        var lot = meant[0];
        var named = places.FirstOrDefault(p =>
            line.Place.Trim().Length > 0
            && (string.Equals(p.Name, line.Place.Trim(), StringComparison.OrdinalIgnoreCase) || p.Id == line.Place.Trim())
        );
        if (line.Place.Trim().Length > 0 && named is null)
            return No(
                "place",
                $"There is no place '{line.Place}'; valid are {string.Join(", ", places.Select(p => p.Name))}.",
                [.. places.Select(p => p.Name)]
            );
        var routes = RoutesOf(kind, line, named);
        if (routes.Count == 0)
            return No(
                "route",
                $"{kind.CommonName} has no route '{line.Route}'; it has {string.Join(", ", kind.Routes.Select(r => r.Name))}.",
                [.. kind.Routes.Select(r => r.Name)]
            );
        if (StepOf(routes, line.Step) is not { } found)
        {
            var steps = routes
                .SelectMany(r => r.Steps)
                .Where(s => s.Kind <= StepKind.Germinate)
                .Select(s => s.Kind.Words())
                .Distinct()
                .ToList();
            return No("step", $"No route of {kind.CommonName} has a step '{line.Step}'; it has {string.Join(", ", steps)}.", steps);
        }
        if (_days.UpTo(line.Since, today) is not { } since)
            return No("since", $"since was '{line.Since}'; valid is a day such as 12 Jan, 12 Jan 2027 or 2027-01-12.");
        if (since > today)
            return No("since", Text.Of($"since was {since:yyyy-MM-dd}; valid is a day up to today, {today:yyyy-MM-dd}."));
        if (since < lot.Lot.GatheredOn)
            return No("since", Text.Of($"since was {since:yyyy-MM-dd}, before the lot was gathered on {lot.Lot.GatheredOn:yyyy-MM-dd}."));
        if (!int.TryParse(line.Seeds, NumberStyles.None, CultureInfo.InvariantCulture, out var seeds) || seeds < 1)
            return No("seeds", $"seeds was '{line.Seeds}'; valid is a whole number from 1.");
        if (seeds > _left[lot.Id])
            return No("seeds", $"seeds was {seeds}, but lot {lot.Id} has {_left[lot.Id]} left.");
        var (route, step) = found;
        int? cells = null;
        if (line.Cells.Trim().Length > 0)
        {
            if (!int.TryParse(line.Cells, NumberStyles.None, CultureInfo.InvariantCulture, out var many) || many is < 1 or > 1000)
                return No("cells", $"cells was '{line.Cells}'; valid is a whole number from 1 to 1000, or nothing.");
            cells = many;
        }
        var sown = route.Steps[step].Kind == StepKind.Germinate;
        if (cells is not null && (route.IsOutdoors || !sown))
            return No("cells", "Only seed that is sown into a tray has cells; leave it empty.");
        if (ToldVessel.Of(line.Vessel, route.IsOutdoors, sown, cells) is not { } vessel)
        {
            var words = ToldVessel.Words(route.IsOutdoors, sown);
            return No("vessel", $"vessel was '{line.Vessel}'; valid here is {string.Join(", ", words)}.", words);
        }
        var place = named ?? UsualPlaces.For(route.Setting, route.Steps[step], places);
        if (place is null)
        {
            return No(
                "place",
                $"There is no usual place for it; valid are {string.Join(", ", places.Select(p => p.Name))}.",
                [.. places.Select(p => p.Name)]
            );
        }
        _left[lot.Id] -= seeds;
        var lies =
            line.Vessel.Trim().Length > 0 || cells is not null ? Text.Of($", {vessel.Word}{(cells is null ? "" : $" of {cells}")}") : "";
        return (
            new(
                line,
                null,
                null,
                [],
                $"{kind.CommonName}, lot {lot.Id}: {route.Steps[step].Kind.Words()} by “{route.Name}” since "
                    + $"{Quantity.Day(since)}, {seeds} seeds{lies}, {place.Name}"
            ),
            new(kind, lot, Plan(route, step, since, seeds), step, seeds, since, place, vessel)
        );
    }

    /// <summary>Routes that the line may mean: the one named; else those that go with a container or a place in the yard first.</summary>
    private static List<Core.Treatments.Route> RoutesOf(Core.Treatments.Species kind, ToldLine line, Place? place)
    {
        var words = line.Route.Trim();
        if (words.Length > 0)
        {
            static string Plain(string text) => text.Replace('-', ' ').ToLowerInvariant();
            bool Is(Core.Treatments.Route r) => r.Id == words || Plain(r.Name) == Plain(words);
            var exact = kind.Routes.Where(Is).ToList();
            return exact.Count > 0
                ? exact
                :
                [
                    .. kind.Routes.Where(r =>
                        Plain(r.Name).Contains(Plain(words), StringComparison.Ordinal)
                        || Plain(SettingWords(r.Setting)).Contains(Plain(words), StringComparison.Ordinal)
                    ),
                ];
        }
        // a frame holds containers, and trays that were sown as indoors
        var outdoors =
            ToldVessel.IsContainerOnly(line.Vessel)
            || place?.IsOpenAir == true
            || (place?.IsOutdoors == true && line.Vessel.Trim().Length == 0);
        return [.. kind.Routes.OrderByDescending(r => outdoors && r.Setting == RouteSetting.WinterContainer)];
    }

    private static string SettingWords(RouteSetting setting) =>
        setting switch
        {
            RouteSetting.WinterContainer => "outdoors, winter container, jug",
            RouteSetting.AutumnBed => "outdoors, autumn bed",
            _ => "indoors",
        };

    /// <summary>The step by its words; the first route that has it.</summary>
    private static (Core.Treatments.Route Route, int Step)? StepOf(List<Core.Treatments.Route> routes, string words)
    {
        // what growers call it beside its name
        static string Plain(string text) =>
            text.Trim().ToLowerInvariant().Replace('-', ' ') switch
            {
                "sown" or "sowing" or "germination" or "germinating" => "germinate",
                "cold" or "fridge" or "in the cold" or "stratify" or "stratification" => "cold moist",
                "warm" or "in the warm" => "warm moist",
                "soaked" or "soaking" => "soak",
                "scarified" => "scarify",
                var plain => plain,
            };
        // outdoors what is sown lies through its winter first
        var sown = words.Trim().ToLowerInvariant() is "sown" or "sowing" or "set out" or "out" or "outdoors";
        foreach (var route in routes)
        {
            for (var i = 0; i < route.Steps.Count; i++)
            {
                if (sown && route.IsOutdoors && route.Steps[i].Kind is (StepKind.WarmMoist or StepKind.ColdMoist))
                    return (route, i);
                if (route.Steps[i].Kind <= StepKind.Germinate && Plain(route.Steps[i].Kind.Words()) == Plain(words))
                    return (route, i);
            }
        }
        return null;
    }

    /// <summary>Usual days from the day told on; the steps before it lie before it.</summary>
    private static BatchPlan Plan(Core.Treatments.Route route, int step, DateOnly since, int seeds)
    {
        var anchor = new Anchor(AnchorEvent.Start, since.AddDays(-route.Steps.Take(step).Sum(s => s.Days.Usual)));
        var schedule = Scheduler.Plan(
            anchor,
            anchor.Date,
            [.. route.Steps.Select(s => new ScheduleStep(s.Kind, s.Days, s.Optional, s.Note))]
        );
        return BatchPlanner.Confirm(route, anchor, schedule, PlanChoice.Usual, Math.Max(1, seeds / 3), seeds)!;
    }
}
