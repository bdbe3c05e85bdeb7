using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Batches;

/// <param name="Germination">Null before the first step.</param>
/// <param name="Plants">By stage, over all parts.</param>
/// <param name="BooksClosedOn">Null while they are open.</param>
/// <param name="PlantingOut">When its plants may go into the ground.</param>
/// <param name="LeftOver">Planted against wanted, in words; null before the first is planted.</param>
/// <param name="Cautions">For each step of the route.</param>
public sealed record BatchView(
    BatchSummary Summary,
    BatchPlan Plan,
    Core.Treatments.Species Species,
    IReadOnlyList<PartView> Parts,
    BatchGermination? Germination,
    IReadOnlyList<DueItem> Due,
    IReadOnlyList<LogLine> Log,
    PlantTally Plants,
    DateOnly? BooksClosedOn,
    PlantingOut PlantingOut,
    string? LeftOver,
    IReadOnlyList<IReadOnlyList<Caution>> Cautions
);
