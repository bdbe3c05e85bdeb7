using Gassel.Web.Door;
using Microsoft.AspNetCore.Authorization;

namespace Gassel.Web.Features.People;

/// <summary>Lets everybody pass while only this machine can ask.</summary>
internal sealed class AtLeastHandler(NetworkDoor door) : AuthorizationHandler<AtLeast>
{
    protected override Task HandleRequirementAsync(AuthorizationHandlerContext context, AtLeast requirement)
    {
        if (!door.IsOpen || Asker.RoleOf(context.User) >= requirement.Role)
            context.Succeed(requirement);
        return Task.CompletedTask;
    }
}
