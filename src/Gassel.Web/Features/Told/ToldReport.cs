using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data.People;
using Gassel.Data.Rows;
using Gassel.Data;
using Gassel.Web.Features.People;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Told;

/// <param name="Saved">Numbers of the batches made; empty while nothing is saved.</param>
public sealed record ToldReport(IReadOnlyList<ToldVerdict> Lines, int Accepted, int Refused, IReadOnlyList<int> Saved);
