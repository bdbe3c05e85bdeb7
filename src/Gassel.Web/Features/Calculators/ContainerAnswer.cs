using Gassel.Core.Yard;

namespace Gassel.Web.Features.Calculators;

/// <param name="Calibration">Null where none was asked for.</param>
/// <param name="Parameters">With which the answer was reckoned.</param>
public sealed record ContainerAnswer(
    IReadOnlyList<InsideHourView> Hourly,
    IReadOnlyList<InsideDayView> Daily,
    IReadOnlyList<InsideWarning> Warnings,
    HeatAccount Heat,
    ContainerParameters Parameters,
    ContainerCalibration? Calibration,
    IReadOnlyList<string> Working
);
