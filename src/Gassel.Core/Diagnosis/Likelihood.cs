namespace Gassel.Core.Diagnosis;

/// <summary>What the record says of a cause.</summary>
public enum Likelihood
{
    Likely,
    Possible,

    /// <summary>Nothing is on record that would tell.</summary>
    CannotTell,
    Unlikely,
}
