namespace Gassel.Core.Treatments;

/// <summary>How deep to sow where a species has no depth of its own.</summary>
public enum DepthSchool
{
    /// <summary>At most the width of the seed: for natives, and the default.</summary>
    Width,

    /// <summary>Twice its width.</summary>
    TwiceWidth,

    /// <summary>Three times its thickness.</summary>
    ThriceThickness,

    /// <summary>Bare, or under 3–6 mm of coarse grit.</summary>
    Grit,
}
