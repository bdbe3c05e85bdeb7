using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.Rounds;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;

namespace Gassel.Web.Features.Counting;

/// <param name="Trays">The one that waits longest first; those that ask for no count last.</param>
public sealed record CountTraysView(DateOnly Today, IReadOnlyList<CountTray> Trays);
