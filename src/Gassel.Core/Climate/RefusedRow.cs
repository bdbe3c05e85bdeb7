namespace Gassel.Core.Climate;

/// <param name="Refused">What is wrong with the row and what would be valid.</param>
public sealed record RefusedRow(int Line, string Cells, string Refused);
