using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Temperature;

/// <summary>Rows that cannot be used for one reason.</summary>
/// <param name="Why">What is wrong with them, and what would be valid.</param>
/// <param name="FirstLine">Of the first of them; the line with the names of the columns is line 1.</param>
/// <param name="FirstCells">As it stands in the file.</param>
public sealed record RefusedRows(LoggerFault Fault, string Why, long Count, long FirstLine, string FirstCells);
