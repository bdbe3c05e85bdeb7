using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.People;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Batches;

/// <param name="Id">UUID of the entry, made by the device.</param>
public sealed record ReplanRequest(Guid Id, string Part, ShortfallOptionKind Choice, string Who);
