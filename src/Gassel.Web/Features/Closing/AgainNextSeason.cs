using System.Globalization;
using System.Text;
using Gassel.Core.Climate;
using Gassel.Core.Closing;
using Gassel.Core.Diagnosis;
using Gassel.Core.Growing;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data.People;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Plan;
using Gassel.Web.Features.Site;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Closing;

/// <summary>Batches of a closed season to be planned again a year on.</summary>
/// <param name="Id">UUID of the new batch, made by the device.</param>
public sealed record AgainNextSeason(Guid From, Guid Id);
