using Gassel.Core;
using Gassel.Core.Due;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Door;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Yard;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Labels;

internal static class LabelEndpoints
{
    private const int MaxParts = 500;

    public static void MapLabels(this RouteGroupBuilder api)
    {
        api.MapGet("/labels", All);
        api.MapPost("/labels", Print)
            .For(Role.Volunteer)
            .ProducesProblem(400)
            .ProducesProblem(403)
            .ProducesProblem(404)
            .ProducesProblem(409);
        api.MapGet("/labels/{name}", (string name, SimulatedLabelPrinter printer) =>
                printer.Find(name) is { } pdf
                    ? Results.File(pdf, "application/pdf")
                    : Refusal.NotFound("print", name, "It may have been thrown away; print the labels again.").ToResult()
            )
            .Produces<string>(200, "application/pdf")
            .ProducesProblem(404);
        api.MapGet("/places/cards.pdf", PlaceCards.Print).Produces<string>(200, "application/pdf");
    }

    private static async Task<LabelsView> All(
        Library library,
        OutdoorBatches shelf,
        SetAside aside,
        LotBook lots,
        NetworkDoor door,
        HttpRequest request
    )
    {
        var parts = await Parts(library, shelf, aside, lots);
        return new(
            [.. parts],
            [
                .. Enum.GetValues<LabelPaper>()
                    .Select(p => (Paper: p, Grid: LabelGrid.Of(p)))
                    .Select(p => new PaperView(p.Paper, p.Grid.LabelWidthMm, p.Grid.LabelHeightMm, p.Grid.PerSheet, p.Grid.TakesOutside)),
            ],
            Address(door, request),
            door.IsOpen
        );
    }

    private static async Task<Results<Ok<Printed>, ProblemHttpResult>> Print(
        PrintRequest job,
        Asker asker,
        Library library,
        OutdoorBatches shelf,
        SetAside aside,
        LotBook lots,
        Recordings recordings,
        ILabelPrinter printer,
        SiteClock clock,
        NetworkDoor door,
        HttpRequest request,
        CancellationToken cancel
    )
    {
        var grid = LabelGrid.Of(job.Paper);
        if ((Limits.Count("parts", job.Parts.Count, 1, MaxParts) ?? Limits.Whole("first", job.First ?? 1, 1, grid.PerSheet)) is { } refusal)
            return refusal.ToResult();
        if (job.Content != LabelContent.Inside && !grid.TakesOutside)
            return new Refusal("content", "These labels are too small for the outside; valid is inside, or larger paper.").ToResult();
        var known = (await Parts(library, shelf, aside, lots)).ToDictionary(p => (p.Batch, p.Part));
        var labels = new List<AddressedLabel>();
        for (var i = 0; i < job.Parts.Count; i++)
        {
            if (job.Parts[i] is not { } wanted || !known.TryGetValue((wanted.Batch, wanted.Part), out var part))
                return Refusal
                    .NotFound($"parts[{i}]", job.Parts[i]?.Part ?? "null", "Choose parts that are listed under Labels.")
                    .ToResult();
            labels.Add(new(part.Label, Text.Of($"{Address(door, request)}/l/{part.Number}/{Uri.EscapeDataString(part.Part)}")));
        }
        var (inside, outside) = (job.Content == LabelContent.Outside ? 0 : 1, job.Content == LabelContent.Inside ? 0 : 1);
        var entries = job
            .Parts.GroupBy(p => p.Batch)
            .Select(b => new BatchToRecord(
                b.Key,
                [.. b.Select(p => new EntryToRecord(p.Entry, clock.Today, null, job.RecordedAt, new Labelled(p.Part, inside, outside)))]
            ))
            .ToList();
        // what is on record as printed is printed: paper first, then the book
        var (pdf, pages, missing) = LabelSheets.Print(
            labels,
            job.Content,
            job.Paper,
            (job.First ?? 1) - 1,
            $"Labels, {clock.Site?.Name ?? "Gassel"}, {Quantity.Day(clock.Today)}",
            new(clock.Settings.Units)
        );
        var name = await printer.Print(pdf, clock.GetUtcNow(), cancel);
        var (recorded, refused) = await recordings.Take(new(job.Act, job.Who, entries), asker, single: false, cancel);
        return recorded is null
            ? refused!
            : TypedResults.Ok(new Printed($"/api/labels/{name}", labels.Count * (inside + outside), pages, missing));
    }

    /// <summary>Parts that hold seed or seedlings, by number.</summary>
    private static async Task<List<PartLabel>> Parts(Library library, OutdoorBatches shelf, SetAside aside, LotBook lots)
    {
        var species = (await library.Species()).ToDictionary(s => s.Id);
        var seed = (await lots.All()).ToDictionary(l => l.Id);
        return
        [
            .. aside.Many(await shelf.All(), b =>
                b.State.Living.Where(p => !p.IsDone(b.Plan))
                    .Select(p => new PartLabel(
                        b.Row.Id,
                        b.Row.Number,
                        p.Id,
                        p.Place,
                        BatchLabel.Of(b.Row.Number, b.Plan, p, species[b.Row.SpeciesId], LotWords(seed[b.Row.LotId]))
                    ))
            ),
        ];
    }

    private static string LotWords(KeptLot lot) => Text.Of($"lot {lot.Id}, {lot.Lot.GatheredOn:yyyy}, {lot.Lot.GatheredAt}");

    /// <summary>Of the network where it is open, else as this machine was asked.</summary>
    internal static string Address(NetworkDoor door, HttpRequest request) =>
        door.Addresses is [var first, ..] ? first : $"{request.Scheme}://{request.Host}";
}
