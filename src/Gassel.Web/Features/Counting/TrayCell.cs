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

/// <summary>What a cell has brought so far, as far as it was counted by cells.</summary>
public readonly record struct TrayCell(int Cell, int Emerged, int Lost, int MovedOff);
