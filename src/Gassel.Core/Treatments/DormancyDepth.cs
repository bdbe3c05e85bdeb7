namespace Gassel.Core.Treatments;

/// <summary>How much treatment physiological dormancy takes to break.</summary>
public enum DormancyDepth
{
    NonDeep,
    Intermediate,
    Deep,
}
