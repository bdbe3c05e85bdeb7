namespace Gassel.Core.Record;

public enum LossCause
{
    [Words("unknown")]
    Unknown,

    [Words("damping off")]
    DampingOff,

    [Words("dried")]
    Dried,

    [Words("eaten")]
    Eaten,

    [Words("frost")]
    Frost,

    [Words("slugs")]
    Slugs,

    [Words("mice")]
    Mice,

    [Words("birds")]
    Birds,

    /// <summary>Taken out on purpose, so that one to a cell stays.</summary>
    [Words("thinned")]
    Thinned,

    [Words("overgrown")]
    Overgrown,

    [Words("heat")]
    Heat,

    [Words("fungus gnats")]
    FungusGnats,

    [Words("grey mould")]
    GreyMould,

    [Words("spider mites")]
    SpiderMites,

    [Words("aphids")]
    Aphids,

    [Words("scorched")]
    Scorched,

    /// <summary>Stood in water.</summary>
    [Words("drowned")]
    Drowned,
}
