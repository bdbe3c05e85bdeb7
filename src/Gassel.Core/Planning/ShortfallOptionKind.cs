namespace Gassel.Core.Planning;

public enum ShortfallOptionKind
{
    [Words("shorten what is left")]
    Shorten,

    [Words("leave out what is optional")]
    SkipOptional,

    [Words("move the target")]
    MoveTarget,

    [Words("keep the seed for next season")]
    NextSeason,
}
