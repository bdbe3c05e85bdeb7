namespace Gassel.Web.Features.Intake;

/// <summary>A row of the file with what is said of it.</summary>
/// <param name="Line">Of the file, from 1; the first row of values is on line 2.</param>
/// <param name="Cells">In the order of the columns of the table; empty where the file has none.</param>
public sealed record IntakeLine(int Line, IReadOnlyList<string> Cells, IntakeVerdict Verdict);
