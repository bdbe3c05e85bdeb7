namespace Gassel.Core.Treatments;

/// <summary>Where a route is gone.</summary>
public enum RouteSetting
{
    /// <summary>Fridge, warm shelf and lamps, or straight into a tray.</summary>
    [Words("indoors")]
    Indoors,

    /// <summary>Sown into a lidded container and set out in winter.</summary>
    [Words("winter container")]
    WinterContainer,

    /// <summary>Sown into a bed in autumn.</summary>
    [Words("bed outdoors")]
    AutumnBed,
}
