namespace Gassel.Core.Due;

/// <summary>What is done with seed that sprouts in the bag (schools of the trade; common practice, no source).</summary>
public enum SproutSchool
{
    /// <summary>
    /// Pick out the sprouted and return the rest while fewer than a tenth have sprouted and the shortest time is not reached; else sow all.
    /// </summary>
    PickOutFirst,

    /// <summary>Pick out the sprouted and return the rest, however many.</summary>
    AlwaysPickOut,

    /// <summary>The first sprout sends the whole bag to be sown.</summary>
    SowAllAtTheFirst,
}
