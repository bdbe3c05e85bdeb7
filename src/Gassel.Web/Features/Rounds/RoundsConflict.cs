using Gassel.Core.Climate;
using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Places;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.Plants;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Features.Trials;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Rounds;

/// <summary>An entry that cannot be true beside the others, for the grower to settle.</summary>
public sealed record RoundsConflict(Guid BatchId, int Number, string CommonName, Guid Entry, DateOnly DoneOn, string Who, string Words, string Why);
