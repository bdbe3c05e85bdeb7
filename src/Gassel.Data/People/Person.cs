using Microsoft.AspNetCore.Identity;

namespace Gassel.Data.People;

/// <summary>
/// Someone who works with the book over the network. The name stands beside every entry, so it is never given to another.
/// </summary>
public sealed class Person : IdentityUser<Guid>
{
    public const int MaxName = 40;

    public Role Role { get; set; }

    /// <summary>Hash of the code with which the person chooses a password; null where none is open.</summary>
    public string? CodeHash { get; set; }

    /// <summary>Unix milliseconds after which the code is worth nothing.</summary>
    public long? CodeUntil { get; set; }

    /// <summary>
    /// Unix milliseconds at which the person was let go; null while they belong. Nobody is deleted: entries carry the name.
    /// </summary>
    public long? LeftAt { get; set; }
}
