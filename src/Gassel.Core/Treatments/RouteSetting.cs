namespace Gassel.Core.Treatments;

/// <summary>Where a route is gone.</summary>
public enum RouteSetting
{
    /// <summary>Fridge, warm shelf and lamps, or straight into a tray.</summary>
    Indoors,

    /// <summary>Sown into a lidded container and set out in winter.</summary>
    WinterContainer,

    /// <summary>Sown into a bed in autumn.</summary>
    AutumnBed,
}
