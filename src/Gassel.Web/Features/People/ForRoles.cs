using Gassel.Data.People;

namespace Gassel.Web.Features.People;

internal static class ForRoles
{
    /// <summary>Says who may ask here.</summary>
    public static T For<T>(this T endpoint, Role role)
        where T : IEndpointConventionBuilder
    {
        var atLeast = new AtLeast(role);
        return endpoint.RequireAuthorization(policy => policy.AddRequirements(atLeast)).WithMetadata(atLeast);
    }
}
