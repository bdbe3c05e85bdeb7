using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Batches;

/// <summary>
/// Who may record what. On this machine alone everybody may; over the network a name is signed in with, and volunteers take back their own
/// entries only.
/// </summary>
internal sealed class RecordingRights(Func<GasselDb> connect, BatchShelf shelf)
{
    /// <summary>Null where the asker may.</summary>
    public async Task<Refusal?> Refuse(Asker asker, Guid batch, RecordRequest request)
    {
        if (asker.Name is null)
            return null;
        var who = request.Who.Trim();
        if (who != asker.Name)
        {
            // a shared phone: what a volunteer recorded before the session ran out may be sent on by a grower, under the volunteer's name
            if (asker.Role < Role.Grower)
                return Forbidden("who", $"This was recorded by {who}; it can be sent by {who}, or by a grower.");
            if (!await IsInTheBook(who))
                return Forbidden("who", $"There is nobody called {who} in the book; valid is a name under People.");
        }
        if (asker.Role >= Role.Grower)
            return null;
        if (request.Entries.Any(e => e.Payload is Replanned or StepLeftOut or Discarded or Closed))
            return Forbidden("entries", new AtLeast(Role.Grower).Words);
        var voids = request.Entries.Select(e => e.Payload).OfType<VoidEntry>().Select(v => v.Entry).ToHashSet();
        var others =
            voids.Count == 0 ? null : (await shelf.Find(batch))?.Entries.FirstOrDefault(e => voids.Contains(e.Id) && e.Who != asker.Name);
        return others is null
            ? null
            : Forbidden("entries", $"This was recorded by {others.Who}; volunteers undo their own entries. Ask a grower.");
    }

    private async Task<bool> IsInTheBook(string name)
    {
        await using var db = connect();
        return await db.People.AnyAsync(p => p.UserName == name);
    }

    private static Refusal Forbidden(string field, string words) => new(field, words, StatusCodes.Status403Forbidden, "Not for this role");
}
