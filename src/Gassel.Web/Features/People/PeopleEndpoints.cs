using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.People;

/// <summary>Who works with the book over the network.</summary>
internal static class PeopleEndpoints
{
    public static void MapPeople(this RouteGroupBuilder api)
    {
        var people = api.MapGroup("/people").For(Role.Owner);
        people.MapGet("", async (GasselDb db) =>
            (await db.People.AsNoTracking().ToListAsync())
                .OrderByDescending(p => p.Role)
                .ThenBy(p => p.UserName, StringComparer.CurrentCulture)
                .Select(View)
                .ToList()
        );
        people.MapPost("", Add).ProducesProblem(400).ProducesProblem(409);
        people.MapPut("/{id:guid}", Change).ProducesProblem(404).ProducesProblem(409);
        people.MapPost("/{id:guid}/code", NewCode).ProducesProblem(404);
    }

    private static PersonView View(Person person) =>
        new(
            person.Id,
            person.UserName!,
            person.Role,
            person.PasswordHash is not null,
            person.CodeHash is not null && person.CodeUntil is { } until ? DateTimeOffset.FromUnixTimeMilliseconds(until) : null,
            person.LeftAt is not null
        );

    private static async Task<Results<Ok<PersonWithCode>, ProblemHttpResult>> Add(
        PersonToAdd asked,
        UserManager<Person> people,
        WriteGate gate,
        TimeProvider real
    )
    {
        if (Limits.Text("name", asked.Name, Person.MaxName) is { } refusal)
            return refusal.ToResult();
        var name = asked.Name.Trim();
        return await gate.Write<Results<Ok<PersonWithCode>, ProblemHttpResult>>(
            async () =>
            {
                if (await people.FindByNameAsync(name) is not null)
                {
                    return new Refusal(
                        "name",
                        $"{name} is in the book already. A name stands beside entries and is never given twice; add a letter.",
                        StatusCodes.Status409Conflict,
                        "Name taken"
                    ).ToResult();
                }
                var person = new Person
                {
                    Id = Guid.CreateVersion7(),
                    UserName = name,
                    Role = asked.Role,
                };
                var code = GiveCode(person, people, real);
                (await people.CreateAsync(person)).OrThrow();
                return TypedResults.Ok(new PersonWithCode(View(person), code));
            },
            CancellationToken.None
        );
    }

    private static async Task<Results<Ok<ChangedPerson>, ProblemHttpResult>> Change(
        Guid id,
        PersonChange asked,
        UserManager<Person> people,
        GasselDb db,
        WriteGate gate,
        SiteClock clock,
        TimeProvider real
    )
    {
        // who else is owner is looked at and changed in one turn
        return await gate.Write<Results<Ok<ChangedPerson>, ProblemHttpResult>>(
            async () =>
            {
                if (await people.FindByIdAsync(id.ToString()) is not { } person)
                    return NoSuchPerson(id);
                var stepsDown = person.Role == Role.Owner && (asked.Role != Role.Owner || asked.Left);
                if (
                    stepsDown
                    && !await db.People.AnyAsync(p => p.Id != id && p.Role == Role.Owner && p.LeftAt == null && p.PasswordHash != null)
                )
                {
                    return new Refusal(
                        "role",
                        $"{person.UserName} is the only owner who can sign in; make another one first.",
                        StatusCodes.Status409Conflict,
                        "Last owner"
                    ).ToResult();
                }
                var saw = person is { LeftAt: null, Role: >= Role.Grower };
                person.Role = asked.Role;
                person.LeftAt = asked.Left ? person.LeftAt ?? real.GetUtcNow().ToUnixTimeMilliseconds() : null;
                // a new stamp ends the sessions under the old standing
                (await people.UpdateSecurityStampAsync(person)).OrThrow();
                var ended = saw && (person.LeftAt is not null || person.Role < Role.Grower) && await EndCalendar(db, clock);
                return TypedResults.Ok(new ChangedPerson(View(person), ended));
            },
            CancellationToken.None
        );
    }

    /// <summary>The calendar is read by all who know its address: whoever may no longer see it knows it still, so it ends.</summary>
    private static async Task<bool> EndCalendar(GasselDb db, SiteClock clock)
    {
        if (await db.Sites.SingleOrDefaultAsync() is not { CalendarToken: not null } site)
            return false;
        site.CalendarToken = null;
        await db.SaveChangesAsync();
        await clock.Follow(db);
        return true;
    }

    private static async Task<Results<Ok<PersonWithCode>, ProblemHttpResult>> NewCode(
        Guid id,
        UserManager<Person> people,
        WriteGate gate,
        TimeProvider real
    )
    {
        return await gate.Write<Results<Ok<PersonWithCode>, ProblemHttpResult>>(
            async () =>
            {
                if (await people.FindByIdAsync(id.ToString()) is not { } person)
                    return NoSuchPerson(id);
                var code = GiveCode(person, people, real);
                (await people.UpdateAsync(person)).OrThrow();
                return TypedResults.Ok(new PersonWithCode(View(person), code));
            },
            CancellationToken.None
        );
    }

    private static string GiveCode(Person person, UserManager<Person> people, TimeProvider real)
    {
        var code = SignUpCode.Make();
        person.CodeHash = people.PasswordHasher.HashPassword(person, SignUpCode.Plain(code));
        person.CodeUntil = (real.GetUtcNow() + SignUpCode.Lifetime).ToUnixTimeMilliseconds();
        return code;
    }

    private static ProblemHttpResult NoSuchPerson(Guid id) => Refusal.NotFound("person", id, "Choose one of those on Site.").ToResult();
}
