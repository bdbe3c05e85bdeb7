namespace Gassel.Core.Treatments;

/// <summary>How much treatment physiological dormancy takes to break.</summary>
public enum DormancyDepth
{
    [Words("non-deep")]
    NonDeep,

    [Words("intermediate")]
    Intermediate,

    [Words("deep")]
    Deep,
}
