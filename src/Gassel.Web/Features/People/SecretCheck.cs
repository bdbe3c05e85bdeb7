using System.Diagnostics;
using Gassel.Data;
using Gassel.Data.People;
using Microsoft.AspNetCore.Identity;

namespace Gassel.Web.Features.People;

/// <summary>Compares a password or a code with what is kept of it, and counts the wrong tries.</summary>
internal sealed class SecretCheck(UserManager<Person> people, GasselDb db, WriteGate gate, KnownDevices devices, TimeProvider real)
{
    /// <summary>
    /// No wrong try is answered sooner, so that the time tells neither which names there are nor who has a code open; longer than hashing
    /// and counting take.
    /// </summary>
    private static readonly TimeSpan Soonest = TimeSpan.FromSeconds(0.5);

    /// <summary>Of no password: compared with where there is none, so that the processor is as busy.</summary>
    private static string? _nobodys;

    public Task<bool> Password(Person? person, string typed, HttpContext context) =>
        Compared(person, person is { LeftAt: null } ? person.PasswordHash : null, typed, context);

    public Task<bool> Code(Person? person, string typed, HttpContext context)
    {
        var runs = person is { LeftAt: null } && !(person.CodeUntil < real.GetUtcNow().ToUnixTimeMilliseconds());
        return Compared(person, runs ? person!.CodeHash : null, SignUpCode.Plain(typed), context);
    }

    private async Task<bool> Compared(Person? person, string? hash, string secret, HttpContext context)
    {
        var began = Stopwatch.GetTimestamp();
        // hashing takes a tenth of a second, and nobody's recording shall wait for it
        var same = Verify(person, hash ?? (_nobodys ??= people.PasswordHasher.HashPassword(new(), Guid.NewGuid().ToString())), secret);
        var fits = person is not null && hash is not null && await Counted(person, same, context);
        if (!fits && Soonest - Stopwatch.GetElapsedTime(began) is var left && left > TimeSpan.Zero)
            await Task.Delay(left, context.RequestAborted);
        return fits;
    }

    private bool Verify(Person? person, string hash, string secret) =>
        people.PasswordHasher.VerifyHashedPassword(person ?? new(), hash, secret) != PasswordVerificationResult.Failed;

    /// <summary>On a device of their own tries are counted there; elsewhere by name, in one turn with the look at the lock.</summary>
    private async Task<bool> Counted(Person person, bool same, HttpContext context)
    {
        if (devices.Try(context, person))
            return same;
        return await gate.Write(
            async () =>
            {
                // other tries may have been counted while this one was compared
                await db.Entry(person).ReloadAsync();
                if (await people.IsLockedOutAsync(person))
                    return false;
                if (!same)
                    (await people.AccessFailedAsync(person)).OrThrow();
                else if (person.AccessFailedCount > 0)
                    (await people.ResetAccessFailedCountAsync(person)).OrThrow();
                return same;
            },
            CancellationToken.None
        );
    }
}
