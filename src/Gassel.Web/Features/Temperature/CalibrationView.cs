using Gassel.Core.Yard;

namespace Gassel.Web.Features.Temperature;

/// <param name="Beside">How what had been told of its days held; null where none is whole, or all were read before.</param>
/// <param name="Saved">True where the fit is now used for every container of its kind.</param>
/// <param name="Refused">Rows that could not be used, by reason.</param>
public sealed record CalibrationView(ContainerCalibration Fit, string? Beside, bool Saved, IReadOnlyList<string> Refused);
