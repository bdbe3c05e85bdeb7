using Gassel.Core.Record;
using Gassel.Core.Trials;
using Gassel.Web.Features.Batches;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Trials;

/// <param name="Id">UUID made by the device; the same id twice makes one trial.</param>
public sealed record ConfirmTrialRequest(Guid Id, TrialRequest Trial, string Who);
