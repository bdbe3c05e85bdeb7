using Gassel.Core.Due;
using Gassel.Core.Record;
using Gassel.Data;

namespace Gassel.Web.Features.Book;

/// <summary>What stands in which vessel over all batches: a fold sees one batch alone.</summary>
internal sealed class TrayRights(BatchShelf shelf, Library library)
{
    /// <summary>Every sown part that still stands in its vessel.</summary>
    public async Task<List<(TrayHolder Holder, ShelvedBatch Batch)>> Standing()
    {
        var species = (await library.Species()).ToDictionary(s => s.Id);
        return
        [
            .. from batch in await shelf.All()
            from part in batch.State.Living
            where part.SownOn is not null && part.Vessel is not null && !part.IsDone(batch.Plan)
            select (new TrayHolder(batch.Row.Number, part.Id, species[batch.Row.SpeciesId], part.Vessel!.Label, part.SownAs?.Cells), batch),
        ];
    }

    /// <summary>What stands against a gesture, first the one that must not be; null where nothing does.</summary>
    public async Task<(string At, int Number, TrayObjection Objection)?> Object(RecordManyRequest request)
    {
        var wanted = request
            .Batches.SelectMany((b, i) => b.Entries.Select((e, n) => (At: $"batches[{i}].entries[{n}].payload.vessel", b.Batch, e.Payload)))
            .Select(w => (w.At, w.Batch, Seed: Wanted(w.Payload)))
            .Where(w => w.Seed is not null)
            .ToList();
        if (wanted.Count == 0)
            return null;
        var species = (await library.Species()).ToDictionary(s => s.Id);
        var there = (await Standing()).Select(s => s.Holder).ToList();
        (string, int, TrayObjection)? first = null;
        foreach (var (at, id, seed) in wanted)
        {
            if (await shelf.Find(id) is not { } batch)
                continue;
            var (part, label, cells) = seed!.Value;
            var kind = species[batch.Row.SpeciesId];
            there.RemoveAll(h => h.Number == batch.Row.Number && h.Part == part);
            if (TraySharing.Object(kind, label, cells, there) is { } objection && (first is null || objection.IsHazard))
                first = (at, batch.Row.Number, objection);
            there.Add(new(batch.Row.Number, part, kind, label, cells));
        }
        return first;
    }

    /// <summary>Vessels that two hold more of than there is, as they came in from different devices.</summary>
    public async Task<IReadOnlyList<(ShelvedBatch Batch, Entry Entry, string Words)>> Overlaps()
    {
        var found = new List<(ShelvedBatch, Entry, string)>();
        foreach (
            var tray in (await Standing()).GroupBy(s => s.Holder.Label.Trim(), StringComparer.OrdinalIgnoreCase).Where(g => g.Skip(1).Any())
        )
        {
            var there = new List<TrayHolder>();
            foreach (var (holder, batch) in tray)
            {
                // the entry that put it there
                var entry = batch.Entries.LastOrDefault(e => e.Payload is Sown s && s.Part == holder.Part);
                if (entry is not null && TraySharing.Object(holder.Species, holder.Label, holder.Cells, there) is { } objection)
                    found.Add((batch, entry, objection.Words));
                there.Add(holder);
            }
        }
        return found;
    }

    /// <summary>Seed that goes into a vessel; null where none does.</summary>
    private static (string Part, string Label, IReadOnlyList<int>? Cells)? Wanted(EntryPayload payload) =>
        payload switch
        {
            Sown { Vessel: { } vessel } sown => (sown.Part, vessel.Label, sown.Cells),
            StepStarted { Vessel: { } vessel } start => (start.Part, vessel.Label, null),
            _ => null,
        };
}
