using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data.People;
using Gassel.Data.Rows;
using Gassel.Data;
using Gassel.Web.Features.People;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Told;

/// <param name="Text">Cells pasted from a spreadsheet, or a CSV file.</param>
public sealed record ToldText(string Text);
