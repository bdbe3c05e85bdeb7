namespace Gassel.Core.Planning;

public enum ShortfallOptionKind
{
    Shorten,
    SkipOptional,
    MoveTarget,
    NextSeason,
}
