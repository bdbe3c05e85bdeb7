using Microsoft.AspNetCore.Identity;

namespace Gassel.Web.Features.People;

internal static class Kept
{
    /// <summary>What was to be kept was checked before; that it is not kept all the same is a fault of the program and no answer.</summary>
    /// <exception cref="InvalidOperationException">Identity did not keep it.</exception>
    public static IdentityResult OrThrow(this IdentityResult result) =>
        result.Succeeded
            ? result
            : throw new InvalidOperationException($"a person was not kept: {string.Join(' ', result.Errors.Select(e => e.Code))}");
}
