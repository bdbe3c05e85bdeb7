using Gassel.Data;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Intake;

/// <summary>What rows are judged by.</summary>
/// <param name="Who">Beside what is recorded.</param>
internal sealed record IntakeBooks(Library Library, LotBook Lots, BatchShelf Shelf, SiteClock Clock, string Who);
