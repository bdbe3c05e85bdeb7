using Gassel.Core.Record;

namespace Gassel.Web.Features.Calculators;

/// <summary>Either seed on a surface, or plants on an area.</summary>
/// <param name="SurfaceCm2">That seed is sown on.</param>
/// <param name="Preset">A container instead of its surface.</param>
/// <param name="SpacingMm">Between seeds; 12.7 if left out.</param>
/// <param name="AreaM2">That plants are set on.</param>
/// <param name="Plants">Whose area is asked for, instead.</param>
/// <param name="SpacingCm">Between plants; needed with either.</param>
public sealed record DensityRequest(
    double? SurfaceCm2 = null,
    ContainerPreset? Preset = null,
    double? SpacingMm = null,
    double? AreaM2 = null,
    int? Plants = null,
    double? SpacingCm = null
);
