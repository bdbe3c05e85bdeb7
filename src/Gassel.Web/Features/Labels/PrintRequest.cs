namespace Gassel.Web.Features.Labels;

/// <param name="Act">UUID of the gesture.</param>
/// <param name="First">Position on the first sheet to begin at, from 1; 1 if left out.</param>
public sealed record PrintRequest(
    Guid Act,
    string Who,
    DateTimeOffset RecordedAt,
    LabelPaper Paper,
    LabelContent Content,
    IReadOnlyList<PartToPrint> Parts,
    int? First = null
);
