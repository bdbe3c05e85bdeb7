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

/// <summary>The books of one batch.</summary>
/// <param name="Compared">Treatments of its species in its season; null with one alone.</param>
public sealed record BatchBooks(BatchAccount Account, IReadOnlyList<Proposal> Proposals, TreatmentsCompared? Compared, string? LeftOver, CostAssumptions Costs);
