using Gassel.Core.Growing;
using Gassel.Core.Yard;

namespace Gassel.Web.Features.Yard;

/// <param name="Steps">What is done at the table, in order.</param>
/// <param name="Doubts">What speaks against it; empty for a good one.</param>
/// <param name="Reminders">What to think of later.</param>
/// <param name="Surface">Whether so much seed lies too thick; null where nobody said how much.</param>
public sealed record PreparationAdvice(
    IReadOnlyList<PreparationLine> Steps,
    IReadOnlyList<string> Doubts,
    IReadOnlyList<string> Reminders,
    ContainerParameters Parameters,
    SurfaceRoom? Surface
);
