namespace Gassel.Core.Fold;

public enum RibbonTime
{
    Past,
    Now,
    Ahead,
}
