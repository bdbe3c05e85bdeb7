using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public readonly record struct HourInput
{
    /// <summary>Beginning of the hour.</summary>
    public required DateTimeOffset At { get; init; }
    public required double TempC { get; init; }

    /// <summary>On level ground; from the day's range if left out.</summary>
    public double? SolarWm2 { get; init; }
    public double? SnowCm { get; init; }
}
