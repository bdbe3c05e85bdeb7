using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.Rounds;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;

namespace Gassel.Web.Features.Counting;

/// <summary>Another part in the same tray.</summary>
/// <param name="Cells">Its own.</param>
public sealed record TrayNeighbour(Guid BatchId, int Number, string CommonName, string Part, IReadOnlyList<int> Cells, IReadOnlyList<TrayCell> ByCell, int Seeds, int Standing);
