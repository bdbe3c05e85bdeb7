using Gassel.Core.Climate;

namespace Gassel.Web.Features.Temperature;

/// <summary>Rows that cannot be used for one reason.</summary>
/// <param name="Why">What is wrong with them, and what would be valid.</param>
/// <param name="FirstLine">Of the first of them; the line with the names of the columns is line 1.</param>
/// <param name="FirstCells">As it stands in the file.</param>
public sealed record RefusedRows(LoggerFault Fault, string Why, long Count, long FirstLine, string FirstCells);
