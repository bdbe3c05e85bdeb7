using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public readonly record struct ReadingInput
{
    public required DateTimeOffset At { get; init; }
    public required double TempC { get; init; }
}
