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

/// <param name="OutsideFits">False where only labels for the inside fit.</param>
public sealed record PaperView(LabelPaper Paper, double WidthMm, double HeightMm, int PerSheet, bool OutsideFits);
