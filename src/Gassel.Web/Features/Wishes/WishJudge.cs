using System.Globalization;
using Gassel.Core;
using Gassel.Core.Growing;
using Gassel.Core.Planning;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Book;

namespace Gassel.Web.Features.Wishes;

/// <summary>Judges lines of a wish list.</summary>
internal sealed class WishJudge(IReadOnlyList<Core.Treatments.Species> species, IReadOnlyList<KeptLot> lots, Units units, DateOnly today)
{
    private readonly WishDays _days = new(units == Units.UnitedStates, today);

    public (WishVerdict Verdict, Wish? Good) Judge(WishLine line)
    {
        (WishVerdict, Wish?) No(string field, string why, IReadOnlyList<string>? near = null) =>
            (new(line, why, field, near ?? [], null), null);
        if (NamedInLines.NoSpecies(species, line.Species) is { } unknown)
            return No("species", unknown.Why, unknown.Near);
        var kind = NameMatch.Exact(species, line.Species)!;
        if (_days.Read(line.When) is not { } when)
            return No("when", $"when was '{line.When}'; valid is {WishDays.Valid}.");
        if (Number(line.Area, 0.01, 1e6) is not { } area)
            return No("area", $"area was '{line.Area}'; valid is a number above 0, or nothing.");
        if (Number(line.Spacing, 1, 1000) is not { } spacing)
            return No("spacing", $"spacing was '{line.Spacing}'; valid is a number from 1 to 1000, or nothing.");
        var (m2, cm) =
            units == Units.Metric
                ? (area.Is, spacing.Is)
                : (area.Is * UnitedStates.SquareMetresASquareFoot, spacing.Is * UnitedStates.CentimetresAnInch);
        int plants;
        if (line.Plants.Trim().Length == 0 && m2 is not null)
        {
            cm ??= kind.Planted?.SpacingCm;
            if (cm is null)
                return No("spacing", "An area needs the spacing between plants; valid is a number from 1 to 1000.");
            plants = Math.Max(1, Density.Plants(m2.Value, cm.Value));
        }
        else if (!int.TryParse(line.Plants, NumberStyles.None, CultureInfo.InvariantCulture, out plants) || plants is < 1 or > 1_000_000)
        {
            return No("plants", $"plants was '{line.Plants}'; valid is a whole number from 1, or nothing beside an area and a spacing.");
        }
        var priority = Wish.UsualPriority;
        if (line.Priority.Trim().Length > 0 && (!int.TryParse(line.Priority, out priority) || priority is < 1 or > 3))
            return No("priority", $"priority was '{line.Priority}'; valid is 1, 2, 3 or nothing.");
        if (line.For.Length > 60)
            return No("for", $"for has {line.For.Length} characters; valid are up to 60.");
        Core.Treatments.Route? route = null;
        if (line.Route.Trim().Length > 0)
        {
            route = kind.Routes.FirstOrDefault(r =>
                string.Equals(r.Name, line.Route.Trim(), StringComparison.OrdinalIgnoreCase) || r.Id == line.Route.Trim()
            );
            if (route is null)
                return No(
                    "route",
                    $"{kind.CommonName} has no route '{line.Route}'; which one is meant?",
                    [.. kind.Routes.Select(r => r.Name)]
                );
        }
        if (LotOf(kind, line.Lot.Trim()) is not { } found)
        {
            return No(
                "lot",
                $"There is no lot '{line.Lot}' of {kind.CommonName}; which one is meant?",
                [.. lots.Where(l => l.SpeciesId == kind.Id).Select(NamedInLines.Words), "gather", "buy"]
            );
        }
        var wish = new Wish(
            kind.Id,
            plants,
            when,
            found.Source,
            found.Lot?.Id,
            route?.Id,
            priority,
            line.For.Trim().Length > 0 ? line.For.Trim() : null,
            m2,
            cm
        );
        var from = found.Lot is { } lot ? Text.Of($"lot {lot.Id}") : $"seed {found.Source.Words()}";
        return (new(line, null, null, [], $"{kind.CommonName}: {Quantities(wish)}, {from}"), wish);
    }

    private static string Quantities(Wish wish) =>
        wish.AreaM2 is { } m2
            ? Text.Of($"{wish.Plants} plants for {Quantity.Area(m2)}, {Quantity.Length(10 * wish.SpacingCm!.Value)} apart")
            : Text.Of($"{wish.Plants} {(wish.Plants == 1 ? "plant" : "plants")}");

    /// <summary>Empty: the one lot there is, the largest of several, or none yet. Null where none is meant by it.</summary>
    private (WishSource Source, KeptLot? Lot)? LotOf(Core.Treatments.Species kind, string words)
    {
        var here = lots.Where(l => l.SpeciesId == kind.Id).ToList();
        switch (words.ToLowerInvariant())
        {
            case "":
                return here.MaxBy(l => l.Left) is { } most ? (WishSource.Lot, most) : (WishSource.Gather, null);
            case "gather" or "to gather":
                return (WishSource.Gather, null);
            case "buy" or "to buy":
                return (WishSource.Buy, null);
        }
        var meant = NamedInLines.Meant(here, words).ToList();
        return meant.Count == 1 ? (WishSource.Lot, meant[0]) : null;
    }

    /// <summary>Null where it is no such number; nothing is one too.</summary>
    private static Said? Number(string text, double min, double max) =>
        text.Trim().Length == 0 ? new(null)
        : double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var n) && n >= min && n <= max ? new(n)
        : null;

    private readonly record struct Said(double? Is);
}
