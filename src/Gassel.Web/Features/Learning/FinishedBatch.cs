using System.Collections.Concurrent;
using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Places;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Data.Readings;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Hosting;

namespace Gassel.Web.Features.Learning;

/// <summary>A finished batch of the book with its result.</summary>
internal sealed record FinishedBatch(ShelvedBatch Batch, OwnResult Result);
