using Gassel.Web.Features.Book;
using Gassel.Core.Climate;
using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Places;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.Plants;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Features.Trials;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Rounds;

/// <param name="DueCount">Things due today or late, over all places.</param>
/// <param name="Yard">What the weather asks of containers.</param>
/// <param name="Aside">Batches that cannot be computed, and are in no list.</param>
public sealed record RoundsView(DateOnly Today, int DueCount, IReadOnlyList<RoundsPlace> Places, IReadOnlyList<RoundsConflict> Conflicts, IReadOnlyList<YardAlert> Yard, IReadOnlyList<BatchAside> Aside);
