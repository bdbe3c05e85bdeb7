using Gassel.Core;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Plan;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Finding;

/// <summary>All that can be looked for, small enough to be searched on the device, also without connection.</summary>
internal static class FindEndpoints
{
    /// <summary>Letters of a note that are told.</summary>
    private const int NoteLetters = 160;

    public static void MapFind(this RouteGroupBuilder api) => api.MapGet("/find", All);

    private static async Task<List<Findable>> All(
        PlanBooks books,
        TrialBook trials,
        WishBook wishes,
        GasselDb db,
        Asker asker,
        CancellationToken cancel
    )
    {
        // people are the owner's to see
        var people = asker.Role == Role.Owner ? await db.People.AsNoTracking().ToListAsync(cancel) : [];
        var species = (await books.Library.Species()).ToDictionary(s => s.Id);
        var batches = await books.Shelf.All();
        return
        [
            .. batches.SelectMany(b => OfBatch(b, species[b.Row.SpeciesId])),
            .. (await books.Lots.All()).Select(l => new Findable(
                Text.Of($"lot-{l.Id}"),
                FindableKind.Lot,
                Text.Of($"Lot {l.Id} {species[l.SpeciesId].CommonName}"),
                Joined(species[l.SpeciesId].ScientificName, l.Lot.GatheredAt, l.Lot.Note),
                "/seed",
                l.Lot.GatheredOn
            )),
            .. species.Values.Select(s => new Findable(
                $"species-{s.Id}",
                FindableKind.Species,
                s.CommonName,
                s.ScientificName,
                $"/species/{s.Id}",
                null
            )),
            .. (await trials.All()).Select(t => new Findable(
                $"trial-{t.Id}",
                FindableKind.Trial,
                Text.Of($"T-{t.Number} {t.Design.Name}"),
                "",
                $"/trials/{t.Id}",
                null
            )),
            .. (await wishes.All()).Select(w => new Findable(
                $"wish-{w.Id}",
                FindableKind.Wish,
                Text.Of($"W-{w.Number} {species[w.Wish.SpeciesId].CommonName}"),
                w.Wish.For ?? "",
                "/season/wishes",
                null
            )),
            .. (await books.Library.Places()).Select(p => new Findable(
                $"place-{p.Id}",
                FindableKind.Place,
                p.Name,
                p.Kind.Words(),
                "/site/places",
                null
            )),
            .. people.Select(p => new Findable($"person-{p.Id}", FindableKind.Person, p.UserName ?? "", "", "/site/people", null)),
        ];
    }

    private static IEnumerable<Findable> OfBatch(ShelvedBatch batch, Core.Treatments.Species species)
    {
        var (number, path) = (Text.Of($"B-{batch.Row.Number}"), $"/batches/{batch.Row.Id}");
        var last = batch.State.Log.Select(l => l.Entry.DoneOn).Append(batch.Plan.Start).Max();
        yield return new(
            $"batch-{batch.Row.Id}",
            FindableKind.Batch,
            $"{number} {species.CommonName}",
            Joined(species.ScientificName, batch.Plan.Name, batch.Plan.Route.Name),
            path,
            last
        );
        foreach (var part in batch.State.Living.Where(p => p.Vessel is not null))
        {
            yield return new(
                $"vessel-{batch.Row.Id}-{part.Id}",
                FindableKind.Vessel,
                part.Vessel!.Label,
                $"{number} {species.CommonName}",
                part.IsContainer ? $"/yard/{batch.Row.Id}/{Uri.EscapeDataString(part.Id)}" : path,
                last
            );
        }
        foreach (var entry in batch.State.Log.Select(l => l.Entry))
        {
            if (entry.Payload is Note { Text: { Length: > 0 } text })
            {
                yield return new(
                    $"note-{entry.Id}",
                    FindableKind.Note,
                    text.Length > NoteLetters ? text[..NoteLetters] + "…" : text,
                    $"{number} {species.CommonName}",
                    path,
                    entry.DoneOn
                );
            }
        }
    }

    private static string Joined(params string?[] words) => string.Join(", ", words.Where(w => !string.IsNullOrWhiteSpace(w)));
}
