namespace Gassel.Core.Yard;

/// <summary>How a container stands in a word.</summary>
public enum ContainerStanding
{
    /// <summary>Nothing can be said of its inside.</summary>
    Unknown,
    Frozen,
    Chilling,

    /// <summary>Enough cold; waits for warmth.</summary>
    Chilled,

    /// <summary>By the model the first should be up.</summary>
    Expected,
    Up,
}
