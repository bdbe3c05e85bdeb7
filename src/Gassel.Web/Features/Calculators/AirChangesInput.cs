using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public sealed record AirChangesInput
{
    public required double On { get; init; }
    public required double Off { get; init; }
    public required double Open { get; init; }
}
