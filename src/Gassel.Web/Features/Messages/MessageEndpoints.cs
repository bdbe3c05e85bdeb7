using Gassel.Data;
using Gassel.Data.People;
using Gassel.Data.Rows;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Messages;

/// <summary>Who is told what by e-mail, by which server, and what was sent.</summary>
internal static class MessageEndpoints
{
    private const int Shown = 50;
    private const int MostWishes = 50;

    public static void MapMessages(this RouteGroupBuilder api)
    {
        api.MapGet("/messages", Whole).For(Role.Grower);
        api.MapPut("/messages/server", Use).For(Role.Owner).ProducesProblem(400);
        api.MapPost("/messages/wishes", Add).For(Role.Grower).ProducesProblem(400).ProducesProblem(403);
        api.MapDelete("/messages/wishes/{id:int}", Remove).For(Role.Grower).ProducesProblem(404);
        api.MapPost("/messages/wishes/{id:int}/test", Test).For(Role.Grower).ProducesProblem(400).ProducesProblem(404);
    }

    private static async Task<MessagesView> Whole(MessageBook book) =>
        new(
            await book.Server() is { } s ? new(s.Host, s.Port, s.Security, s.User, s.Password is not null, s.From) : null,
            [
                .. (await book.Wishes()).Select(w => new MessageWishView(
                    w.Id,
                    new(
                        w.Name,
                        w.Mail,
                        w.Alarms,
                        w.MorningAt,
                        w.QuietFrom,
                        w.QuietTo,
                        w.Hook is { } hook ? new(hook, null, w.HookPlain, w.AllowPrivate) : null
                    )
                )),
            ],
            [
                .. (await book.Sent(Shown)).Select(m => new SentMessage(
                    m.Id,
                    m.Mail,
                    m.Subject,
                    m.Text,
                    m.Reason,
                    DateTimeOffset.FromUnixTimeMilliseconds(m.MadeAt),
                    m.SentAt is { } at ? DateTimeOffset.FromUnixTimeMilliseconds(at) : null,
                    m.Tries,
                    m.SentAt is null && m.Tries >= MessageRounds.MostTries,
                    m.Fault
                )),
            ]
        );

    private static async Task<Results<Ok<MessagesView>, ProblemHttpResult>> Use(MailServerToUse server, MessageBook book)
    {
        if (server.Check() is { } wrong)
            return wrong.ToResult();
        await book.Use(
            new()
            {
                Host = server.Host.Trim(),
                Port = server.Port,
                Security = server.Security,
                User = string.IsNullOrWhiteSpace(server.User) ? null : server.User.Trim(),
                Password = string.IsNullOrEmpty(server.Password) ? null : server.Password,
                From = server.From.Trim(),
            }
        );
        return TypedResults.Ok(await Whole(book));
    }

    private static async Task<Results<Ok<MessagesView>, ProblemHttpResult>> Add(MessageWish wish, Asker asker, MessageBook book)
    {
        if (wish.Check() is { } wrong)
            return wrong.ToResult();
        if (wish.Hook is not null && asker.Role != Role.Owner)
            return new Refusal("hook", "Only the owner can have an address told over HTTP.", StatusCodes.Status403Forbidden).ToResult();
        if ((await book.Wishes()).Count >= MostWishes)
            return new Refusal("name", $"There are {MostWishes} already; remove one first.").ToResult();
        await book.Add(
            new MessageWishRow
            {
                Name = wish.Name.Trim(),
                Mail = wish.Hook is null ? wish.Mail.Trim() : "",
                Alarms = wish.Alarms,
                MorningAt = wish.MorningAt,
                QuietFrom = wish.QuietFrom,
                QuietTo = wish.QuietTo,
                Hook = wish.Hook?.Address.Trim(),
                HookSecret = wish.Hook?.Secret,
                HookPlain = wish.Hook?.Plain ?? false,
                AllowPrivate = wish.Hook?.AllowPrivate ?? false,
            }
        );
        return TypedResults.Ok(await Whole(book));
    }

    private static async Task<Results<Ok<MessagesView>, ProblemHttpResult>> Remove(int id, MessageBook book) =>
        await book.Remove(id) ? TypedResults.Ok(await Whole(book)) : NoSuch(id).ToResult();

    private static async Task<Results<Ok<MessagesView>, ProblemHttpResult>> Test(
        int id,
        MessageBook book,
        MessageRounds rounds,
        CancellationToken cancel
    )
    {
        if ((await book.Wishes()).SingleOrDefault(w => w.Id == id) is not { } wish)
            return NoSuch(id).ToResult();
        if (wish.Hook is null && await book.Server() is null)
            return new Refusal("server", "Set up the mail server first.").ToResult();
        await rounds.Test(wish, cancel);
        return TypedResults.Ok(await Whole(book));
    }

    private static Refusal NoSuch(int id) => Refusal.NotFound("recipient", id, "Choose one of those listed under Site, Messages.");
}
