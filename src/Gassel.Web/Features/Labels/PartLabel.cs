using System.Globalization;
using Gassel.Core.Due;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data.People;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Labels;

/// <summary>A part with what its labels say.</summary>
public sealed record PartLabel(Guid Batch, int Number, string Part, string? PlaceId, BatchLabel Label);
