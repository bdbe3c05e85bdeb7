using System.Security.Claims;
using Gassel.Data.People;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;

namespace Gassel.Web.Features.People;

/// <summary>What a session says of a person: id, name, role, and the stamp that ends it when the person's standing changes.</summary>
internal sealed class PersonPrincipal(IOptions<IdentityOptions> options) : IUserClaimsPrincipalFactory<Person>
{
    public Task<ClaimsPrincipal> CreateAsync(Person user)
    {
        var names = options.Value.ClaimsIdentity;
        return Task.FromResult(
            new ClaimsPrincipal(
                new ClaimsIdentity(
                    [
                        new(names.UserIdClaimType, user.Id.ToString()),
                        new(names.UserNameClaimType, user.UserName!),
                        new(names.RoleClaimType, user.Role.ToString()),
                        new(names.SecurityStampClaimType, user.SecurityStamp!),
                    ],
                    IdentityConstants.ApplicationScheme
                )
            )
        );
    }
}
