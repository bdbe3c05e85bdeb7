namespace Gassel.Core.Treatments;

/// <summary>How much frost a seedling stands; just-emerged roots stand 2 K less (starter values, from memory).</summary>
public enum SeedlingHardiness
{
    /// <summary>Comes up at snow-melt; to −6 °C.</summary>
    SnowMelt,

    /// <summary>To −4 °C.</summary>
    Hardy,

    /// <summary>To −2 °C.</summary>
    HalfHardy,

    /// <summary>No frost.</summary>
    Tender,
}
