using Gassel.Core.Batches;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Data;

/// <summary>In which units the screens speak; everything is kept metric.</summary>
public enum Units
{
    Metric,
    UnitedStates,
}

/// <summary>What frost days rest on.</summary>
public enum FrostBasis
{
    /// <summary>Days that the grower entered.</summary>
    Hand,

    /// <summary>The weather record of the site.</summary>
    Record,
}

/// <summary>What a grower sets once for the site.</summary>
/// <param name="FrostOffsetK">Added to the record's readings: minus degrees for a valley bottom.</param>
/// <param name="GroundFreeze">Month and day on which the ground usually freezes, <c>MM-dd</c>, by hand; null where unknown.</param>
public sealed record SiteSettings(
    double? ElevationM = null,
    Units Units = Units.Metric,
    ViabilitySchool ViabilitySchool = ViabilitySchool.Share,
    DepthSchool DepthSchool = DepthSchool.Width,
    FrostBasis FrostBasis = FrostBasis.Hand,
    double FrostOffsetK = 0,
    string? GroundFreeze = null,
    CheckSchool CheckSchool = CheckSchool.Weekly,
    SproutSchool SproutSchool = SproutSchool.PickOutFirst,
    ColdSchool ColdSchool = ColdSchool.Weighted);
