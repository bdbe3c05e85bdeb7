using System.Text;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Tables;

/// <summary>Tables of the book, each on its own.</summary>
internal static class TableEndpoints
{
    private const string Csv = "text/csv; charset=utf-8";

    public static void MapTables(this RouteGroupBuilder api)
    {
        api.MapGet("/tables", () =>
            TypedResults.Ok<IReadOnlyList<TableView>>([.. WrittenTables.All.Select(t => new TableView(t.Name, t.Words))])
        );
        api.MapGet("/tables/{name}.csv", Table).Produces<string>(200, "text/csv").ProducesProblem(404);
        api.MapGet("/codebooks/{name}.csv", Codebook).Produces<string>(200, "text/csv").ProducesProblem(404);
    }

    private static async Task<IResult> Table(string name, TableBooks books) =>
        Find(name) is { } table ? File(await table.Csv(books), $"{table.Name}.csv") : NoSuch(name);

    private static IResult Codebook(string name) =>
        Find(name) is { } table ? File(table.Codebook(), $"{table.Name}.codebook.csv") : NoSuch(name);

    private static WrittenTable? Find(string name) => WrittenTables.All.FirstOrDefault(t => t.Name == name);

    private static ProblemHttpResult NoSuch(string name) =>
        Refusal.NotFound("table", name, $"Valid are {string.Join(", ", WrittenTables.All.Select(t => t.Name))}.").ToResult();

    private static IResult File(string text, string name) => Results.File(Encoding.UTF8.GetBytes(text), Csv, name);
}
