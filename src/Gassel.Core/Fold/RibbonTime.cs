namespace Gassel.Core.Fold;

public enum RibbonTime
{
    [Words("done")]
    Past,

    [Words("under way")]
    Now,

    [Words("expected")]
    Ahead,
}
