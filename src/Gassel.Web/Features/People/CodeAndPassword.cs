using Gassel.Data.People;
using Gassel.Data;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;

namespace Gassel.Web.Features.People;

/// <param name="Code">From the owner, or for the first owner from the console.</param>
/// <param name="Password">The one to be used from now on.</param>
public sealed record CodeAndPassword(string Name, string Code, string Password);
