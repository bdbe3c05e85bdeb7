using Gassel.Core.Planning;

namespace Gassel.Web.Features.Plan;

/// <param name="Id">UUID made by the device; the same id twice makes one batch.</param>
/// <param name="Seeds">Seeds to start with, of both sowings together; the plan's own number if left out.</param>
/// <param name="SecondId">UUID of the second batch; needed with a second sowing.</param>
public sealed record ConfirmRequest(Guid Id, PlanRequest Plan, PlanChoice Choice, int? Seeds, string Who, Guid? SecondId = null);
