using Gassel.Core.Yard;

namespace Gassel.Web.Features.Calculators;

/// <summary>A container in numbers; see <see cref="ContainerParameters"/>.</summary>
/// <param name="ULidWm2K">Around the air; as the wall if left out.</param>
public sealed record ContainerParametersInput(
    double AreaM2,
    double SideAreaM2,
    double WallAreaM2,
    double MediumL,
    double AirL,
    double Transmittance,
    double AbsorbedShare,
    double HWm2K,
    double UWallWm2K,
    double UBaseWm2K,
    AirChangesInput AirChangesPerHour,
    double? ULidWm2K = null
);
