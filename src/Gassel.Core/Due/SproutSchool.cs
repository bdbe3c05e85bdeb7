namespace Gassel.Core.Due;

/// <summary>What is done with seed that sprouts in the bag (schools of the trade; common practice, no source).</summary>
public enum SproutSchool
{
    /// <summary>
    /// Pick out the sprouted and return the rest while fewer than a tenth have sprouted and the shortest time is not reached; else sow all.
    /// </summary>
    [Words("pick out while few and early, else sow all")]
    PickOutFirst,

    /// <summary>Pick out the sprouted and return the rest, however many.</summary>
    [Words("always pick out, the rest goes back")]
    AlwaysPickOut,

    /// <summary>The first sprout sends the whole bag to be sown.</summary>
    [Words("sow all at the first sprout")]
    SowAllAtTheFirst,
}
