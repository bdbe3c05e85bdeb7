using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Intake;

/// <summary>Tables read from files: what each row is told first, then the good ones kept together.</summary>
internal static class IntakeEndpoints
{
    private const int MaxLines = 200;

    private static readonly IReadOnlyList<IntakeTable> Tables =
    [
        new LotIntake(),
        new SpeciesIntake(),
        new RouteIntake(),
        new PlantMoveIntake(),
    ];

    public static void MapIntake(this RouteGroupBuilder api)
    {
        api.MapGet("/intake", () => TypedResults.Ok<IReadOnlyList<IntakeView>>([.. Tables.Select(t => t.View)]));
        api.MapPost("/intake/{name}", Take).For(Role.Grower).ProducesProblem(400).ProducesProblem(404);
    }

    private static async Task<Results<Ok<IntakeReport>, ProblemHttpResult>> Take(
        string name,
        IntakeRequest asked,
        Asker asker,
        Func<GasselDb> connect,
        WriteGate gate,
        Library library,
        LotBook lots,
        BatchShelf shelf,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        if (Tables.FirstOrDefault(t => t.Name == name) is not { } table)
            return Refusal.NotFound("table", name, $"Valid are {string.Join(", ", Tables.Select(t => t.Name))}.").ToResult();
        if (Limits.Text("who", asked.Who, 40) is { } nobody)
            return nobody.ToResult();
        var (file, refusal) = IntakeFile.Read(asked.Text);
        if (file is null)
            return refusal!.ToResult();
        var at = asked.At ?? ByName(table, file);
        if (at.Count != table.Columns.Count || at.Any(c => c < -1 || c >= file.Header.Count))
            return new Refusal(
                "at",
                $"at must hold {table.Columns.Count} columns of the file, from 0 to {file.Header.Count - 1}, or -1 for none."
            ).ToResult();
        var missing = table.Columns.Where((c, i) => c.Needed && at[i] < 0).Select(c => c.Name).ToList();
        if (missing.Count > 0)
            // which of its columns they are is the grower's to say
            return TypedResults.Ok(new IntakeReport(table.Columns, file.Header, at, 0, 0, 0, [], false));
        var typed = new TypedDay(clock.Settings.Units == Core.Units.UnitedStates);
        string[][] cells = [.. file.Rows.Select(r => at.Select(c => c < 0 ? "" : r[c]).ToArray())];
        var rows = cells
            .Select(r => new IntakeRow(
                table.Columns.Select((c, i) => (c.Name, Cell: r[i])).ToDictionary(c => c.Name, c => c.Cell),
                typed,
                clock.Today
            ))
            .ToList();
        return await gate.Write<Results<Ok<IntakeReport>, ProblemHttpResult>>(
            async () =>
            {
                await using var db = connect();
                await using var all = await db.Database.BeginTransactionAsync(CancellationToken.None);
                var verdicts = await table.Take(rows, db, new(library, lots, shelf, clock, asker.Sign(asked.Who)));
                int Count(IntakeFate fate) => verdicts.Count(v => v.Fate == fate);
                var saves = asked.Save && Count(IntakeFate.Fresh) > 0;
                if (saves)
                {
                    await all.CommitAsync(CancellationToken.None);
                    library.Forget();
                    await shelf.Reread();
                }
                return TypedResults.Ok(
                    new IntakeReport(
                        table.Columns,
                        file.Header,
                        at,
                        Count(IntakeFate.Fresh),
                        Count(IntakeFate.Same),
                        Count(IntakeFate.Refused),
                        [
                            .. verdicts
                                .Select((v, i) => new IntakeLine(i + 2, cells[i], v))
                                .OrderByDescending(l => l.Verdict.Fate)
                                .Take(MaxLines),
                        ],
                        saves
                    )
                );
            },
            cancel
        );
    }

    /// <summary>Columns of the file by their names, however their words are joined; −1 for what it lacks.</summary>
    private static List<int> ByName(IntakeTable table, IntakeFile file)
    {
        static string Plain(string name) => name.ToLowerInvariant().Replace(' ', '_').Replace('-', '_');
        var names = file.Header.Select(Plain).ToList();
        return [.. table.Columns.Select(c => names.IndexOf(c.Name))];
    }
}
