using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Features.Learning;
using Gassel.Web.Features.Seed;

namespace Gassel.Web.Features.Plan;

/// <summary>Both ends inclusive.</summary>
public sealed record ComesUp(DateOnly From, DateOnly To);
