using Gassel.Data.People;
using Gassel.Web.Hosting.Network;
using Microsoft.AspNetCore.Authorization;

namespace Gassel.Web.Features.People;

/// <summary>An address is for people of this role and above.</summary>
internal sealed record AtLeast(Role Role) : IAuthorizationRequirement
{
    /// <summary>What is said to somebody whose role does not reach.</summary>
    public string Words => Role switch
    {
        Role.Owner => "This is for the owner of the book.",
        Role.Grower => "This is for growers and the owner; volunteers record what was done and take back their own entries.",
        _ => "This is for people of this book.",
    };
}

/// <summary>Lets everybody pass while only this machine can ask.</summary>
internal sealed class AtLeastHandler(NetworkDoor door) : AuthorizationHandler<AtLeast>
{
    protected override Task HandleRequirementAsync(AuthorizationHandlerContext context, AtLeast requirement)
    {
        if (!door.IsOpen || Asker.RoleOf(context.User) >= requirement.Role) context.Succeed(requirement);
        return Task.CompletedTask;
    }
}

internal static class ForRoles
{
    /// <summary>Says who may ask here.</summary>
    public static T For<T>(this T endpoint, Role role) where T : IEndpointConventionBuilder
    {
        var atLeast = new AtLeast(role);
        return endpoint.RequireAuthorization(policy => policy.AddRequirements(atLeast)).WithMetadata(atLeast);
    }
}
