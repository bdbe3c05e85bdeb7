using Gassel.Core.Record;

namespace Gassel.Web.Features.Sowing;

/// <summary>A tray that stands already and has cells left.</summary>
/// <param name="Free">Cells that hold nothing, from 1.</param>
public sealed record OpenTray(string Label, VesselKind Kind, int Cells, int Columns, string? Place, IReadOnlyList<int> Free, string Holds);
