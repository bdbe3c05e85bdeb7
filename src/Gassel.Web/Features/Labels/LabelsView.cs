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

/// <param name="Address">What the codes lead to: this installation's address.</param>
/// <param name="OnNetwork">False where only this machine finds it.</param>
public sealed record LabelsView(IReadOnlyList<PartLabel> Parts, IReadOnlyList<PaperView> Papers, string Address, bool OnNetwork);
