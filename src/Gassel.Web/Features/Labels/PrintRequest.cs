using System.Globalization;
using Gassel.Core.Due;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data.People;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Labels;

/// <param name="Act">UUID of the gesture.</param>
/// <param name="First">Position on the first sheet to begin at, from 1; 1 if left out.</param>
public sealed record PrintRequest(Guid Act, string Who, DateTimeOffset RecordedAt, LabelPaper Paper, LabelContent Content, IReadOnlyList<PartToPrint> Parts, int? First = null);
