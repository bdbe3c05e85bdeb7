namespace Gassel.Web.Features.Intake;

/// <param name="Header">Names of the file's columns.</param>
/// <param name="At">For each column of the table, which column of the file it was read from; −1 for none.</param>
/// <param name="Lines">Those refused first, then the others; 200 at most.</param>
/// <param name="Saved">The fresh rows are in the book.</param>
public sealed record IntakeReport(
    IReadOnlyList<IntakeColumn> Columns,
    IReadOnlyList<string> Header,
    IReadOnlyList<int> At,
    int Fresh,
    int Same,
    int Refused,
    IReadOnlyList<IntakeLine> Lines,
    bool Saved
);
