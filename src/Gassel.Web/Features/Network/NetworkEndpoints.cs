using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Door;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using QRCoder;

namespace Gassel.Web.Features.Network;

/// <summary>The door to the local network, and what a phone needs to come in.</summary>
internal static class NetworkEndpoints
{
    public static void MapNetwork(this RouteGroupBuilder api)
    {
        api.MapGet("/network", (NetworkDoor door) => View(door)).For(Role.Volunteer);
        api.MapPut("/network", Turn).For(Role.Owner).ProducesProblem(409);
        api.MapGet("/network/address.svg", (NetworkDoor door) =>
                door.Addresses is [var first, ..]
                    ? Results.File(Drawn(first), "image/svg+xml")
                    : Refusal.NotFound("address", "on the network", "Open the book to the network first.").ToResult()
            )
            .For(Role.Volunteer)
            .Produces<string>(200, "image/svg+xml")
            .ProducesProblem(404);
    }

    /// <summary>Outside sign-in: a phone fetches it before it can trust the address. A certificate is no secret.</summary>
    public static void MapAuthority(this IEndpointRouteBuilder app) =>
        app.MapGet("/authority.crt", (NetworkDoor door) =>
                door.Authority is { } authority
                    ? Results.File(authority.Certificate.RawData, "application/x-x509-ca-cert", "gassel-authority.crt")
                    : Refusal
                        .NotFound("authority", "here", "The book is not open to the network, or uses a certificate of its owner's.")
                        .ToResult()
            )
            .ExcludeFromDescription();

    private static NetworkView View(NetworkDoor door) =>
        new(door.IsOpen, door.IsHeldOpen, door.Port, door.Addresses, door.Authority?.Fingerprint);

    private static async Task<Results<Ok<NetworkView>, ProblemHttpResult>> Turn(
        NetworkSwitch turn,
        NetworkDoor door,
        Func<GasselDb> connect,
        WriteGate gate,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        if (!turn.Open && door.IsHeldOpen)
            return Clash("The book was opened by --lan at the start; start it without to shut it.");
        await using (var db = connect())
        {
            if (turn.Open && !await db.People.AnyAsync(p => p.Role == Role.Owner && p.LeftAt == null, cancel))
                return Clash("Add the owner under People first: whoever comes in over the network signs in.");
            if (!await db.Sites.AnyAsync(cancel))
                return Clash("Name the site first; the switch is kept with it.");
        }
        if (turn.Open && door.Open() is { } why)
            return Clash(why);
        await gate.Write(
            async () =>
            {
                await using var db = connect();
                (await db.Sites.SingleAsync(CancellationToken.None)).OpenToNetwork = turn.Open;
                await db.SaveChangesAsync(CancellationToken.None);
                await clock.Follow(db);
                return true;
            },
            CancellationToken.None
        );
        if (!turn.Open)
            door.Shut();
        return TypedResults.Ok(View(door));
    }

    private static ProblemHttpResult Clash(string words) => new Refusal("open", words, StatusCodes.Status409Conflict, "Not yet").ToResult();

    /// <summary>Black on white with the quiet zone of ISO/IEC 18004, whatever the light of the page.</summary>
    private static byte[] Drawn(string address)
    {
        using var generator = new QRCodeGenerator();
        using var code = generator.CreateQrCode(address, QRCodeGenerator.ECCLevel.M);
        using var drawing = new SvgQRCode(code);
        return System.Text.Encoding.UTF8.GetBytes(drawing.GetGraphic(6));
    }
}
