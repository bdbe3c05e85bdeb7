namespace Gassel.Core.Germination;

public enum AdviceKind
{
    Wait,
    Enough,
    SecondCold,
    KeepToNextSpring,
    Close,

    /// <summary>Nobody has counted for long: count before anything is judged.</summary>
    CountFirst,
}
