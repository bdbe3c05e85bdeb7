using Gassel.Data.People;
using Microsoft.AspNetCore.Authorization;

namespace Gassel.Web.Features.People;

/// <summary>An address is for people of this role and above.</summary>
internal sealed record AtLeast(Role Role) : IAuthorizationRequirement
{
    /// <summary>What is said to somebody whose role does not reach.</summary>
    public string Words =>
        Role switch
        {
            Role.Owner => "This is for the owner of the book.",
            Role.Grower => "This is for growers and the owner; volunteers record what was done and undo their own entries.",
            _ => "This is for people of this book.",
        };
}
