using Gassel.Data;

namespace Gassel.Web.Features.Records;

/// <param name="Folder">Where the copies lie.</param>
/// <param name="DailyKept">So many daily copies are kept.</param>
public sealed record CopiesView(string Folder, int DailyKept, IReadOnlyList<BookCopy> Copies);
