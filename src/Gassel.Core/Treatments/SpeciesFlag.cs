namespace Gassel.Core.Treatments;

/// <summary>Traits that change what a route may hold or what a grower must watch for.</summary>
public enum SpeciesFlag
{
    [Words("inhibitor to leach")]
    InhibitorToLeach,

    [Words("tight hull")]
    RestrictingHull,

    [Words("root before shoot")]
    RootBeforeShoot,

    [Words("germinates in the cold")]
    GerminatesInCold,

    [Words("after-ripens dry")]
    AfterRipensDry,

    [Words("slimy when wet")]
    SlimyWhenWet,

    [Words("do not dry")]
    DoNotDry,

    [Words("needs light")]
    NeedsLight,

    [Words("dust-fine")]
    DustFine,

    [Words("tap root")]
    TapRooted,

    /// <summary>Comes up only in the dark.</summary>
    [Words("needs dark")]
    NeedsDark,
}
