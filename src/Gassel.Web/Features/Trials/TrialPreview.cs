using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Trials;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;

namespace Gassel.Web.Features.Trials;

/// <param name="Starts">Planned start of each arm, so that all are sown on one day.</param>
public sealed record TrialPreview(TrialDesign Design, IReadOnlyList<string> Warnings, IReadOnlyList<DateOnly> Starts, int SeedsLeft, int? Columns);
