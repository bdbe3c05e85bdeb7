using System.Security.Claims;
using Gassel.Data.People;
using Gassel.Web.Door;

namespace Gassel.Web.Features.People;

/// <summary>Who asks. While the door to the network is shut it is whoever sits at this machine, and the device says the name.</summary>
/// <param name="Name">Of the person signed in; null at this machine.</param>
public sealed record Asker(string? Name, Role Role)
{
    private static readonly Asker AtThisMachine = new(null, Role.Owner);

    /// <summary>Called by the framework for a parameter of this type.</summary>
    public static ValueTask<Asker> BindAsync(HttpContext context) => ValueTask.FromResult(Of(context));

    public static Asker Of(HttpContext context)
    {
        if (!context.RequestServices.GetRequiredService<NetworkDoor>().IsOpen)
            return AtThisMachine;
        // authorization has let nobody through without a session
        return new(context.User.Identity?.Name ?? "", RoleOf(context.User) ?? Role.Volunteer);
    }

    /// <summary>The name beside what is recorded now: the one signed in with, else what the device says.</summary>
    public string Sign(string who) => Name ?? who.Trim();

    /// <summary>Null where nobody is signed in.</summary>
    internal static Role? RoleOf(ClaimsPrincipal user) =>
        Enum.TryParse<Role>(user.FindFirstValue(ClaimTypes.Role), out var role) ? role : null;
}
