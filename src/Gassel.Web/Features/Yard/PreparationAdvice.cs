using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;
using Gassel.Data.People;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.People;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Yard;

/// <param name="Steps">What is done at the table, in order.</param>
/// <param name="Doubts">What speaks against it; empty for a good one.</param>
/// <param name="Reminders">What to think of later.</param>
public sealed record PreparationAdvice(IReadOnlyList<PreparationLine> Steps, IReadOnlyList<string> Doubts, IReadOnlyList<string> Reminders, ContainerParameters Parameters);
