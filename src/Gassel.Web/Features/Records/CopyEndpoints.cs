using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Records;

internal static class CopyEndpoints
{
    public static void MapCopies(this RouteGroupBuilder api)
    {
        api.MapGet("/copies", (BookCopies copies) => View(copies)).For(Role.Owner);
        api.MapPost("/copies", (BookCopies copies, TimeProvider real) =>
            {
                copies.Make(real.GetUtcNow());
                return View(copies);
            })
            .For(Role.Owner);
        api.MapGet("/copies/{name}", (string name, BookCopies copies) =>
                copies.PathOf(name) is { } path
                    ? Results.File(path, "application/vnd.sqlite3", name)
                    : Refusal.NotFound("copy", name, "Choose one of those listed.").ToResult()
            )
            .For(Role.Owner)
            .ProducesProblem(404);
    }

    private static CopiesView View(BookCopies copies) => new(copies.Folder, BookCopies.DailyKept, copies.All());
}
