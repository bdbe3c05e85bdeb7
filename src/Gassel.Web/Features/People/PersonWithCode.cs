using Gassel.Data.People;
using Gassel.Data;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.People;

/// <param name="Code">Shown this once; it is kept as a hash.</param>
public sealed record PersonWithCode(PersonView Person, string Code);
