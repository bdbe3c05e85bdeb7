using Gassel.Core.Due;

namespace Gassel.Web.Features.Calendar;

/// <param name="Uid">The same for the same act, so that a moved day is an update and not a second event.</param>
/// <param name="Revision">Goes up with every recording on the batch.</param>
internal sealed record CalendarEntry(string Uid, long Revision, CalendarDay Day);
