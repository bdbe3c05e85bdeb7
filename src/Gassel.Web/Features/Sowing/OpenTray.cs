using Gassel.Core.Due;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Sowing;

/// <summary>A tray that stands already and has cells left.</summary>
/// <param name="Free">Cells that hold nothing, from 1.</param>
public sealed record OpenTray(string Label, VesselKind Kind, int Cells, int Columns, string? Place, IReadOnlyList<int> Free, string Holds);
