using Gassel.Core.Planning;
using Gassel.Data;

namespace Gassel.Web.Features.Learning;

/// <summary>A finished batch of the book with its result.</summary>
internal sealed record FinishedBatch(ShelvedBatch Batch, OwnResult Result);
