using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Features.Book;

namespace Gassel.Web.Features.Yard;

/// <summary>What wants a word before a container goes out.</summary>
internal sealed class YardRights(BatchShelf shelf)
{
    /// <summary>
    /// Null where nothing stands against the gesture. A container without holes may go out all the same: it is a warning.
    /// </summary>
    public async Task<string?> Object(RecordManyRequest request)
    {
        foreach (var (id, entries) in request.Batches)
        {
            if (await shelf.Find(id) is not { } batch)
                continue;
            var prepared = new Dictionary<string, (ContainerSetup Setup, IReadOnlyList<PreparationStep> Done)>();
            foreach (var part in batch.State.Living.Where(p => p.Setup is not null))
                prepared[part.Id] = (part.Setup!, part.Preparation);
            foreach (var payload in entries.Select(e => e.Payload))
            {
                if (payload is Prepared p)
                    prepared[p.Part] = (p.Setup, p.Done);
                if (
                    payload is not StepStarted start
                    || start.Step < 0
                    || start.Step >= batch.Plan.Steps.Count
                    || !batch.Plan.IsSownAt(start.Step)
                )
                    continue;
                if (start.Vessel?.Kind != VesselKind.Container && !prepared.ContainsKey(start.Part))
                    continue;
                var (setup, done) = prepared.GetValueOrDefault(start.Part, (ContainerSetup.Assumed, []));
                if (ContainerAdvice.WithoutHoles(setup, [.. done]) is { } why)
                    return $"B-{batch.Row.Number}{(start.Vessel is { } vessel ? $", {vessel.Label}" : "")}: {why}";
            }
        }
        return null;
    }
}
