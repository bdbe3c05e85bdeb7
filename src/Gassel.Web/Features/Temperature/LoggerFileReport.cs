using Gassel.Core.Climate;

namespace Gassel.Web.Features.Temperature;

/// <param name="Columns">As the first line names them.</param>
/// <param name="Rows">Read so far; of a preview those of the piece that was sent.</param>
/// <param name="Sample">The first readings as understood.</param>
/// <param name="Gaps">Times of more than six hours between two readings.</param>
/// <param name="Jumps">Readings that no shelf could have reached; kept, and left out of the cold.</param>
/// <param name="UnitDoubt">A question about the unit; null where there is none.</param>
/// <param name="ClockDoubt">A question about the logger's clock; null where there is none.</param>
/// <param name="Twice">Readings at a second that stood in the file before; null before it is saved, so with the rest.</param>
/// <param name="SavedAs">Id of the series; null while nothing is saved, or where nothing was new.</param>
public sealed record LoggerFileReport(
    IReadOnlyList<string> Columns,
    int AtColumn,
    int? TimeColumn,
    int TempColumn,
    DayOrder Order,
    TemperatureUnit Unit,
    LoggerClock Clock,
    long Rows,
    long Readings,
    IReadOnlyList<SampleReading> Sample,
    DateTimeOffset? From,
    DateTimeOffset? To,
    IReadOnlyList<RefusedRows> Refused,
    int Gaps,
    double GapHours,
    int Jumps,
    string? UnitDoubt,
    string? ClockDoubt,
    long? Twice = null,
    long? ThereAlready = null,
    int? SavedAs = null
);
