using Gassel.Core;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Species;

namespace Gassel.Web.Features.Intake;

/// <summary>
/// Routes, a row a step, as they are written. The steps of a route are taken together: as they are here already, as its next version, or as
/// a new route.
/// </summary>
internal sealed class RouteIntake()
    : IntakeTable(
        "routes",
        "a step of a route",
        [
            new("species", true, "scientific or common name"),
            new("route", false, "short name, as written by this book; to give a route its next version"),
            new("name", true, "of the route"),
            new("setting", false, "indoors where empty"),
            new("step", false, "1 and up; the order of the rows where empty"),
            new("kind", true, "what is done"),
            new("shortest", true, "least days"),
            new("usual", true, "usual days"),
            new("longest", true, "most days"),
            new("low", false, "°C, lower end of its band"),
            new("high", false, "°C, upper end"),
            new("optional", false, "true where it may be left out"),
            new("method", false, "of scarifying"),
            new("note", false, "how it is done"),
            new("origin", false, "where its days come from"),
        ]
    )
{
    private const string FromFile = "Read from a file";

    public override async Task<IReadOnlyList<IntakeVerdict>> Take(IReadOnlyList<IntakeRow> rows, GasselDb db, IntakeBooks books)
    {
        var species = await books.Library.Species();
        var verdicts = new IntakeVerdict[rows.Count];
        var steps = rows.Select((row, at) => (Row: row, At: at, Species: SpeciesOf(row, species), Step: StepOf(row))).ToList();
        foreach (var route in steps.GroupBy(s => (s.Row.Text("species"), s.Row.Text("route"), s.Row.Text("name"))))
        {
            var ordered = route.OrderBy(s => s.Row.Whole("step") ?? s.At).ToList();
            var verdict = route.Any(s => s.Row.Wrong is not null)
                ? IntakeVerdict.Refused(null, "Another step of this route is refused, so the whole route is.")
                : await Take(route.First().Species!, [.. ordered.Select(s => (s.Row, s.Step))], db);
            foreach (var step in route)
                verdicts[step.At] = step.Row.Wrong ?? verdict;
        }
        return verdicts;
    }

    private static async Task<IntakeVerdict> Take(
        Core.Treatments.Species species,
        IReadOnlyList<(IntakeRow Row, RouteStep Step)> steps,
        GasselDb db
    )
    {
        var first = steps[0].Row;
        var name = first.Text("name");
        var setting = first.Name<RouteSetting>("setting") ?? RouteSetting.Indoors;
        if (first.Wrong is { } wrong)
            return wrong;
        var here = species.Routes.FirstOrDefault(r =>
            first.Optional("route") is { } id ? r.Id == id : string.Equals(r.Name, name, StringComparison.OrdinalIgnoreCase)
        );
        var draft = new RouteDraft(name, setting, [.. steps.Select(s => s.Step)], first.Optional("origin") ?? FromFile);
        if (draft.Check() is { } refusal)
            return IntakeVerdict.Refused(null, refusal.Detail);
        if (here is not null && here.Name == name && here.Setting == setting && here.Steps.SequenceEqual(draft.Steps))
            return IntakeVerdict.Same($"{species.CommonName} has this route.");
        var (route, objection) = await NewRoute.Put(db, species, here?.Id, draft);
        if (route is null)
            return IntakeVerdict.Refused(null, objection!.Detail);
        await db.SaveChangesAsync(CancellationToken.None);
        return IntakeVerdict.Fresh(
            here is null
                ? Text.Of($"new route of {species.CommonName}")
                : Text.Of($"version {route.Version} of '{route.Name}' of {species.CommonName}")
        );
    }

    private static RouteStep StepOf(IntakeRow row)
    {
        int Days(string column)
        {
            if (row.Needed(column).Length > 0 && row.Whole(column) is { } days)
                return days;
            return 0;
        }
        if (row.Needed("kind").Length > 0 && row.Name<StepKind>("kind") is null)
            return new(default, default);
        var (low, high) = (row.Number("low"), row.Number("high"));
        row.Needed("name");
        return new(
            row.Name<StepKind>("kind") ?? default,
            new(Days("shortest"), Days("usual"), Days("longest")),
            low is { } l && high is { } h ? new(l, h) : null,
            row.Yes("optional"),
            row.Optional("note"),
            row.Name<ScarifyMethod>("method")
        );
    }
}
