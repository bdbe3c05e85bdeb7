using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Tables;

/// <summary>A step of a route of a species.</summary>
/// <param name="At">1 and up.</param>
internal sealed record RouteStepRow(Core.Treatments.Species Species, Core.Treatments.Route Route, int At, RouteStep Step);
