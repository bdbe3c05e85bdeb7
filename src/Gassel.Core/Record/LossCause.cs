namespace Gassel.Core.Record;

public enum LossCause
{
    Unknown,
    DampingOff,
    Dried,
    Eaten,
    Frost,
    Slugs,
    Mice,
    Birds,

    /// <summary>Taken out on purpose, so that one to a cell stays.</summary>
    Thinned,
    Overgrown,
    Heat,
}
