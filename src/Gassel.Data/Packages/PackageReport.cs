namespace Gassel.Data.Packages;

/// <summary>What a package brings to the book.</summary>
/// <param name="Title">Of the package.</param>
/// <param name="CreatedAt">When it was written; null where it does not say.</param>
/// <param name="MadeUp">It was written from the demo.</param>
/// <param name="IntoEmpty">Nothing was entered in the book yet: the package's values stand before the starter ones.</param>
/// <param name="Renumbered">As in "B-3 becomes B-41".</param>
/// <param name="Photos">Pictures that are not beside the book yet.</param>
/// <param name="Saved">False for a look alone.</param>
public sealed record PackageReport(
    string Title,
    DateTimeOffset? CreatedAt,
    bool MadeUp,
    bool IntoEmpty,
    IReadOnlyList<PackageCount> Counts,
    IReadOnlyList<string> Renumbered,
    int Photos,
    bool Saved
);
