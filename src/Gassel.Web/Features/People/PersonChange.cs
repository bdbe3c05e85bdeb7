using Gassel.Data.People;
using Gassel.Data;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.People;

public sealed record PersonChange(Role Role, bool Left);
