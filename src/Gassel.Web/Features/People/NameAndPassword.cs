using Gassel.Data.People;
using Gassel.Data;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;

namespace Gassel.Web.Features.People;

public sealed record NameAndPassword(string Name, string Password);
