namespace Gassel.Core.Seed;

public enum LotWarningKind
{
    Old,
    TestOfDormancy,
    OldTest,
    NoCutTest,
    Hazard,
    DriedOut,
    NoPermission,
    WaterTight,
}
