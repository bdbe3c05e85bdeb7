using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data.People;
using Gassel.Data;
using Gassel.Web.Features.Learning;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Plants;
using Gassel.Web.Features.Rounds;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Batches;

/// <param name="Sequence">Of the newest entry of the batch; it goes up with every recording.</param>
public sealed record Recording(Guid Batch, long Sequence);
