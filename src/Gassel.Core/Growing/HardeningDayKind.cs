namespace Gassel.Core.Growing;

/// <summary>What a day of hardening off is.</summary>
public enum HardeningDayKind
{
    /// <summary>Out for some hours.</summary>
    Out,

    /// <summary>Out by day, in for a frosty night that was to be out: it does not count, and the end moves by a day.</summary>
    InTonight,

    /// <summary>Wind, or too cold by day: wait, and the end moves by a day.</summary>
    Wait,

    /// <summary>Was skipped; the end moves by a day.</summary>
    Skipped,

    /// <summary>Was out, as recorded.</summary>
    Done,
}
