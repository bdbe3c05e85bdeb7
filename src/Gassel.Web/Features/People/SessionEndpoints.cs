using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Door;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;

namespace Gassel.Web.Features.People;

/// <summary>Coming in and going out.</summary>
internal static class SessionEndpoints
{
    private const int ShortestPassword = 10;
    private const int LongestPassword = 128;

    public static void MapSession(this IEndpointRouteBuilder app)
    {
        var session = app.MapGroup("/api/session");
        session.MapGet("", (HttpContext context, NetworkDoor door, OwnerCode owner, IAntiforgery tokens) =>
            View(context, door, owner, tokens)
        );
        session.MapPost("", Enter).RequireRateLimiting(SignIn.Tries).ProducesProblem(400).ProducesProblem(403).ProducesProblem(429);
        session
            .MapPost("/code", EnterByCode)
            .RequireRateLimiting(SignIn.Tries)
            .ProducesProblem(400)
            .ProducesProblem(403)
            .ProducesProblem(409)
            .ProducesProblem(429);
        session
            .MapPut("/password", ChangePassword)
            .RequireRateLimiting(SignIn.Tries)
            .For(Role.Volunteer)
            .ProducesProblem(400)
            .ProducesProblem(403);
        session.MapDelete("", Leave);
    }

    internal static Refusal? CheckPassword(string field, string password) =>
        password.Length is >= ShortestPassword and <= LongestPassword
            ? null
            : new(
                field,
                $"{field} has {password.Length} characters; valid are {ShortestPassword} to {LongestPassword}. Three "
                    + $"words one after another are easy to keep."
            );

    private static SessionView View(HttpContext context, NetworkDoor door, OwnerCode owner, IAntiforgery tokens)
    {
        if (!door.IsOpen)
            return new(false, null, Role.Owner, false, null);
        var role = Asker.RoleOf(context.User);
        return new(
            true,
            role is null ? null : context.User.Identity?.Name,
            role,
            owner.Code is not null,
            role is null ? null : tokens.GetAndStoreTokens(context).RequestToken
        );
    }

    private static async Task<SessionView> Leave(
        HttpContext context,
        NetworkDoor door,
        OwnerCode owner,
        IAntiforgery tokens,
        EndedSessions ended
    )
    {
        if ((await context.AuthenticateAsync(IdentityConstants.ApplicationScheme)).Properties is { } session)
            ended.Add(session);
        await context.SignOutAsync(IdentityConstants.ApplicationScheme);
        context.User = new();
        return View(context, door, owner, tokens);
    }

    private static async Task<Results<Ok<SessionView>, ProblemHttpResult>> Enter(
        NameAndPassword asked,
        HttpContext context,
        NetworkDoor door,
        OwnerCode owner,
        IAntiforgery tokens,
        UserManager<Person> people,
        IUserClaimsPrincipalFactory<Person> principals,
        KnownDevices devices,
        SecretCheck secrets
    )
    {
        if (NotNeeded(door) is { } refusal)
            return refusal.ToResult();
        if ((Limits.Text("name", asked.Name, Person.MaxName) ?? Limits.Text("password", asked.Password, LongestPassword)) is { } unreadable)
            return unreadable.ToResult();
        var person = await people.FindByNameAsync(asked.Name.Trim());
        if (!await secrets.Password(person, asked.Password, context))
            return Wrong("password", "name and password do not go together").ToResult();
        return TypedResults.Ok(await Admit(person!, context, door, owner, tokens, principals, devices));
    }

    private static async Task<Results<Ok<SessionView>, ProblemHttpResult>> EnterByCode(
        CodeAndPassword asked,
        HttpContext context,
        NetworkDoor door,
        OwnerCode owner,
        IAntiforgery tokens,
        UserManager<Person> people,
        IUserClaimsPrincipalFactory<Person> principals,
        KnownDevices devices,
        SecretCheck secrets,
        WriteGate gate
    )
    {
        if (NotNeeded(door) is { } refusal)
            return refusal.ToResult();
        if (
            (
                Limits.Text("name", asked.Name, Person.MaxName)
                ?? Limits.Text("code", asked.Code, 40)
                ?? CheckPassword("password", asked.Password)
            ) is
            { } unreadable
        )
            return unreadable.ToResult();
        var name = asked.Name.Trim();
        var person = await people.FindByNameAsync(name);
        // a code of one's own is no try at the owner's
        var byOwnerCode = person?.CodeHash is null && owner.Fits(asked.Code);
        if (byOwnerCode && person is not null and not { Role: Role.Owner, LeftAt: null })
        {
            return new Refusal(
                "name",
                $"{person.UserName} is in the book already, and not as its owner; choose another name.",
                StatusCodes.Status409Conflict,
                "Name taken"
            ).ToResult();
        }
        if (!byOwnerCode && !await secrets.Code(person, asked.Code, context))
            return Wrong("code", "name and code do not go together, or the code has run out; the owner can make a new one").ToResult();
        // hashing takes a tenth of a second, and nobody's recording shall wait for it
        var isNew = person is null;
        person ??= new()
        {
            Id = Guid.CreateVersion7(),
            UserName = name,
            Role = Role.Owner,
        };
        person.PasswordHash = people.PasswordHasher.HashPassword(person, asked.Password);
        (person.CodeHash, person.CodeUntil) = (null, null);
        await gate.Write(
            async () =>
            {
                (isNew ? await people.CreateAsync(person) : await people.UpdateSecurityStampAsync(person)).OrThrow();
                return (await people.SetLockoutEndDateAsync(person, null)).OrThrow();
            },
            CancellationToken.None
        );
        if (byOwnerCode)
            owner.Used();
        return TypedResults.Ok(await Admit(person, context, door, owner, tokens, principals, devices));
    }

    private static async Task<Results<Ok<SessionView>, ProblemHttpResult>> ChangePassword(
        PasswordChange asked,
        HttpContext context,
        NetworkDoor door,
        OwnerCode owner,
        IAntiforgery tokens,
        UserManager<Person> people,
        IUserClaimsPrincipalFactory<Person> principals,
        KnownDevices devices,
        SecretCheck secrets,
        WriteGate gate
    )
    {
        if (NotNeeded(door) is { } refusal)
            return refusal.ToResult();
        if ((Limits.Text("old", asked.Old, LongestPassword) ?? CheckPassword("new", asked.New)) is { } unreadable)
            return unreadable.ToResult();
        var person = await people.GetUserAsync(context.User);
        if (!await secrets.Password(person, asked.Old, context))
            return Wrong("old", "this is not the password of until now").ToResult();
        person!.PasswordHash = people.PasswordHasher.HashPassword(person, asked.New);
        await gate.Write(async () => (await people.UpdateSecurityStampAsync(person)).OrThrow(), CancellationToken.None);
        return TypedResults.Ok(await Admit(person, context, door, owner, tokens, principals, devices));
    }

    private static async Task<SessionView> Admit(
        Person person,
        HttpContext context,
        NetworkDoor door,
        OwnerCode owner,
        IAntiforgery tokens,
        IUserClaimsPrincipalFactory<Person> principals,
        KnownDevices devices
    )
    {
        context.User = await principals.CreateAsync(person);
        var session = new AuthenticationProperties { IsPersistent = true };
        EndedSessions.Name(session);
        await context.SignInAsync(IdentityConstants.ApplicationScheme, context.User, session);
        devices.Remember(context, person);
        return View(context, door, owner, tokens);
    }

    private static Refusal? NotNeeded(NetworkDoor door) =>
        door.IsOpen
            ? null
            : new(null, "Nobody needs to sign in while Gassel listens on this machine alone.", StatusCodes.Status409Conflict, "Not needed");

    /// <summary>The same words whatever was wrong, so that nobody learns which names there are.</summary>
    private static Refusal Wrong(string field, string why) =>
        new(
            field,
            $"Not let in: {why}. After {SignIn.MostWrong} wrong tries a name is locked for {SignIn.ShutFor.TotalMinutes:0} minutes.",
            StatusCodes.Status403Forbidden,
            "Not let in"
        );
}
