namespace Gassel.Core.Trials;

/// <summary>How the arms of a trial lie beside each other.</summary>
public enum TrialLayout
{
    /// <summary>Mixed at random over the cells of common trays; each tray holds every arm.</summary>
    CellsMixed,

    /// <summary>Each replicate in a vessel of its own, the vessels standing in random order.</summary>
    OwnVessels,
}
