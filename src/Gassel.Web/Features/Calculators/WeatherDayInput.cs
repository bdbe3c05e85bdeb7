using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public readonly record struct WeatherDayInput
{
    public required DateOnly Date { get; init; }

    /// <summary>Null where it is missing, so with the maximum.</summary>
    public double? MinC { get; init; }
    public double? MaxC { get; init; }
    public double? SnowCm { get; init; }
}
