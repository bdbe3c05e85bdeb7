using Gassel.Data.People;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.People;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Gassel.Web.Features.Counting;

/// <param name="Saved">True where the accepted rows are in the book now.</param>
public sealed record CountFileReport(IReadOnlyList<CountFileRow> Rows, int Accepted, int Refused, bool Saved);
