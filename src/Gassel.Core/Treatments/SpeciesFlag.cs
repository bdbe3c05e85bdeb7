namespace Gassel.Core.Treatments;

/// <summary>Traits that change what a route may hold or what a grower must watch for.</summary>
public enum SpeciesFlag
{
    InhibitorToLeach,
    RestrictingHull,
    RootBeforeShoot,
    GerminatesInCold,
    AfterRipensDry,
    SlimyWhenWet,
    DoNotDry,
    NeedsLight,
    DustFine,
    TapRooted,

    /// <summary>Comes up only in the dark.</summary>
    NeedsDark,
}
