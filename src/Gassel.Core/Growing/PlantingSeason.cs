namespace Gassel.Core.Growing;

/// <summary>When plants may go into the ground.</summary>
public enum PlantingSeason
{
    /// <summary>Not yet: frost that kills them comes more often than is accepted.</summary>
    TooEarly,
    Spring,

    /// <summary>Past spring; it can be done with water.</summary>
    Summer,
    Autumn,

    /// <summary>Too near to frozen ground.</summary>
    TooLate,
}
