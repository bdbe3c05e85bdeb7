using Gassel.Core.Treatments;

namespace Gassel.Core.Record;

/// <summary>A route step as planned for one batch.</summary>
/// <param name="PlannedDays">Usual days, or fewer where the plan was shortened; 0 where <paramref name="Skipped"/>.</param>
/// <param name="Skipped">An optional step that the plan leaves out.</param>
public sealed record PlannedStep(RouteStep Step, int PlannedDays, DateOnly Start, DateOnly End, bool Skipped);
