using System.Security.Cryptography;
using System.Text;
using Gassel.Core.Due;
using Gassel.Core.Treatments;
using Gassel.Data.People;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Calendar;

/// <param name="Path">Of the feed on this program's address; null while there is none.</param>
public sealed record CalendarAddress(string? Path);
