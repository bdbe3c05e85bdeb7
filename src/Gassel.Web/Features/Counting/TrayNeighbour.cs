namespace Gassel.Web.Features.Counting;

/// <summary>Another part in the same tray.</summary>
/// <param name="Cells">Its own.</param>
public sealed record TrayNeighbour(
    Guid BatchId,
    int Number,
    string CommonName,
    string Part,
    IReadOnlyList<int> Cells,
    IReadOnlyList<TrayCell> ByCell,
    int Seeds,
    int Standing
);
