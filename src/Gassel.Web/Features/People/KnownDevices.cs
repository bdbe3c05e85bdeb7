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

    /// <summary>Wrong tries in this run, by device.</summary>
    private readonly ConcurrentDictionary<Guid, int> _wrong = new();

    /// <summary>The device, where this person signed in on it and few tries since were wrong; null otherwise.</summary>
    public Guid? Of(HttpContext context, Person person)
    {
        if (!context.Request.Cookies.TryGetValue(Cookie, out var sealedWords))
            return null;
        try
        {
            return
                _seal.Unprotect(sealedWords).Split(' ') is [var whose, var device]
                && whose == person.Id.ToString("N")
                && Guid.TryParse(device, out var id)
                && _wrong.GetValueOrDefault(id) < SignIn.MostWrong
                ? id
                : null;
        }
        catch (CryptographicException)
        {
            // made by somebody else, or under keys that are gone
            return null;
        }
    }

    public void Missed(Guid device) => _wrong.AddOrUpdate(device, 1, (_, before) => before + 1);

    /// <summary>They signed in here.</summary>
    public void Remember(HttpContext context, Person person)
    {
        var device = Of(context, person) ?? Guid.NewGuid();
        _wrong.TryRemove(device, out _);
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
