using System.Collections.Concurrent;
using System.Security.Cryptography;
using Gassel.Data.People;
using Microsoft.AspNetCore.DataProtection;

namespace Gassel.Web.Features.People;

/// <summary>
/// Devices on which somebody signed in before. Their wrong tries are counted by device and not by name, so that a stranger who tries a name
/// until it is shut shuts nobody out of their own device (OWASP, "Slow down online guessing attacks with device cookies"; from memory).
/// </summary>
internal sealed class KnownDevices(IDataProtectionProvider protection)
{
    private const string Cookie = "gassel.device";

    private static readonly TimeSpan Kept = TimeSpan.FromDays(365);

    private readonly IDataProtector _seal = protection.CreateProtector("device");

    /// <summary>Tries in this run since the last that was right, by device.</summary>
    private readonly ConcurrentDictionary<Guid, int> _tries = new();

    /// <summary>
    /// True where this person signed in on the device before and few tries since were wrong. Asking is a try, so that many at once are each
    /// counted.
    /// </summary>
    public bool Try(HttpContext context, Person person) =>
        Of(context, person) is { } device && _tries.AddOrUpdate(device, 1, (_, before) => before + 1) <= SignIn.MostWrong;

    private Guid? Of(HttpContext context, Person person)
    {
        if (!context.Request.Cookies.TryGetValue(Cookie, out var sealedWords))
            return null;
        try
        {
            return
                _seal.Unprotect(sealedWords).Split(' ') is [var whose, var device]
                && whose == person.Id.ToString("N")
                && Guid.TryParse(device, out var id)
                ? id
                : null;
        }
        catch (CryptographicException)
        {
            // made by somebody else, or under keys that are gone
            return null;
        }
    }

    /// <summary>They signed in here.</summary>
    public void Remember(HttpContext context, Person person)
    {
        var device = Of(context, person) ?? Guid.NewGuid();
        _tries.TryRemove(device, out _);
        context.Response.Cookies.Append(
            Cookie,
            _seal.Protect($"{person.Id:N} {device:N}"),
            new()
            {
                HttpOnly = true,
                SameSite = SameSiteMode.Strict,
                Secure = context.Request.IsHttps,
                MaxAge = Kept,
            }
        );
    }
}
