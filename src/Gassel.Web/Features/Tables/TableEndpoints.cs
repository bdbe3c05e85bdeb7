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
        api.MapGet("/tables/{name}.csv", Table).Produces<string>(200, "text/csv").ProducesProblem(400).ProducesProblem(404);
        api.MapGet("/codebooks/{name}.csv", Codebook).Produces<string>(200, "text/csv").ProducesProblem(404);
    }

    /// <param name="batches">Numbers and ranges of them, as 1-3,7; all batches where left out. Of no weight for tables that are not of
    /// batches.</param>
    private static IResult Table(string name, string? batches, TableBooks books)
    {
        if (Find(name) is not { } table)
            return NoSuch(name);
        if (batches is null)
            return Rows(table, books);
        return NumberRanges.Read(batches) is { } only
            ? Rows(table, books.Only(only))
            : new Refusal("batches", $"batches was '{batches}'; valid are numbers and ranges of them, as 1-3,7.").ToResult();
    }

    private static IResult Codebook(string name) =>
        Find(name) is { } table ? File(table.Codebook(), $"{table.Name}.codebook.csv") : NoSuch(name);

    /// <summary>Sent as they are read: a book may hold millions of readings.</summary>
    private static IResult Rows(WrittenTable table, TableBooks books) =>
        Results.Stream(
            async stream =>
            {
                await using var into = new StreamWriter(stream, new UTF8Encoding(encoderShouldEmitUTF8Identifier: false), leaveOpen: true);
                await table.Write(books, into);
            },
            Csv,
            $"{table.Name}.csv"
        );

    private static WrittenTable? Find(string name) => WrittenTables.All.FirstOrDefault(t => t.Name == name);

    private static ProblemHttpResult NoSuch(string name) =>
        Refusal.NotFound("table", name, $"Valid are {string.Join(", ", WrittenTables.All.Select(t => t.Name))}.").ToResult();

    private static IResult File(string text, string name) => Results.File(Encoding.UTF8.GetBytes(text), Csv, name);
}
