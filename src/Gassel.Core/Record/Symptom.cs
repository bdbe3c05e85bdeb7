namespace Gassel.Core.Record;

/// <summary>What is seen at a tray or plant before anything is lost.</summary>
public enum Symptom
{
    [Words("fungus gnats")]
    FungusGnats,

    /// <summary>Seedlings that fall over at the mix.</summary>
    [Words("damping off")]
    DampingOff,

    [Words("grey mould")]
    GreyMould,

    [Words("spider mites")]
    SpiderMites,

    [Words("aphids")]
    Aphids,

    [Words("slugs")]
    Slugs,

    [Words("mice")]
    Mice,

    [Words("birds")]
    Birds,

    [Words("leggy growth")]
    Leggy,

    [Words("pale leaves")]
    PaleLeaves,

    [Words("purple leaves")]
    PurpleLeaves,

    [Words("scorched leaves")]
    ScorchedLeaves,
}
