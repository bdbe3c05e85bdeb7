using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>Who is told what by e-mail, by which server, and everything that was sent.</summary>
public sealed class MessageBook(Func<GasselDb> connect, WriteGate gate)
{
    private const int Only = 1;

    public async Task<MailServerRow?> Server()
    {
        await using var db = connect();
        return await db.MailServers.AsNoTracking().SingleOrDefaultAsync(s => s.Id == Only);
    }

    /// <summary>Puts a server in the place of the one there was; a password left out stays with its host.</summary>
    public Task Use(MailServerRow server) =>
        Write(async db =>
        {
            var old = await db.MailServers.SingleOrDefaultAsync(s => s.Id == Only);
            server.Id = Only;
            // a password is not carried to another server
            server.Password ??= old?.Host == server.Host ? old.Password : null;
            if (old is not null)
                db.MailServers.Remove(old);
            await db.SaveChangesAsync();
            db.MailServers.Add(server);
        });

    public async Task<IReadOnlyList<MessageWishRow>> Wishes()
    {
        await using var db = connect();
        return await db.MessageWishes.AsNoTracking().OrderBy(w => w.Id).ToListAsync();
    }

    public Task Add(MessageWishRow wish) => Write(db => Task.FromResult(db.MessageWishes.Add(wish)));

    /// <returns>False where there is no such wish.</returns>
    public async Task<bool> Remove(int id) =>
        await Write(async db => await db.MessageWishes.Where(w => w.Id == id).ExecuteDeleteAsync() > 0);

    /// <summary>What was made, the newest first.</summary>
    public async Task<IReadOnlyList<SentMessageRow>> Sent(int most)
    {
        await using var db = connect();
        return await db.SentMessages.AsNoTracking().OrderByDescending(m => m.Id).Take(most).ToListAsync();
    }

    /// <summary>What somebody was told of troubles since a moment, sent or still waiting.</summary>
    public async Task<IReadOnlyList<SentMessageRow>> Of(int wish, DateTimeOffset since)
    {
        await using var db = connect();
        var from = since.ToUnixTimeMilliseconds();
        return await db.SentMessages.AsNoTracking().Where(m => m.WishId == wish && m.MadeAt >= from).ToListAsync();
    }

    public Task Add(IReadOnlyList<SentMessageRow> made) =>
        Write(db =>
        {
            db.SentMessages.AddRange(made);
            return Task.FromResult(true);
        });

    /// <summary>Waiting messages whose turn has come; somebody removed is sent nothing more.</summary>
    public async Task<IReadOnlyList<SentMessageRow>> Waiting(DateTimeOffset now, int mostTries)
    {
        await using var db = connect();
        var at = now.ToUnixTimeMilliseconds();
        return await db
            .SentMessages.AsNoTracking()
            .Where(m => m.SentAt == null && m.Tries < mostTries && m.NextTryAt <= at)
            .Where(m => db.MessageWishes.Any(w => w.Id == m.WishId))
            .OrderBy(m => m.Id)
            .ToListAsync();
    }

    /// <summary>Notes what became of a message.</summary>
    public Task Tried(int id, long? sentAt, string? fault, long nextTryAt) =>
        Write(async db =>
        {
            if (await db.SentMessages.SingleOrDefaultAsync(m => m.Id == id) is not { } message)
                return false;
            (message.SentAt, message.Fault, message.NextTryAt, message.Tries) = (sentAt, fault, nextTryAt, message.Tries + 1);
            return true;
        });

    private Task<T> Write<T>(Func<GasselDb, Task<T>> change) =>
        gate.Write(
            async () =>
            {
                await using var db = connect();
                var result = await change(db);
                await db.SaveChangesAsync();
                return result;
            },
            CancellationToken.None
        );

    private Task<bool> Write(Func<GasselDb, Task> change) =>
        Write(async db =>
        {
            await change(db);
            return true;
        });
}
