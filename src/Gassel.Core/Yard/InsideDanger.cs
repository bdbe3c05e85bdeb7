namespace Gassel.Core.Yard;

/// <summary>What heat or cold inside does, mildest first (common practice, no source).</summary>
public enum InsideDanger
{
    /// <summary>At 25 °C kinds that come up in the cool stop.</summary>
    CoolKindsStop,

    /// <summary>At 30 °C: open now.</summary>
    OpenNow,

    /// <summary>At 40 °C seed and seedlings are hurt.</summary>
    Damage,

    /// <summary>At 45 °C they die within an hour or so.</summary>
    Lethal,

    /// <summary>Colder than the seedlings stand.</summary>
    SeedlingsFreeze,
}
