namespace Gassel.Web.Features.Told;

/// <summary>A line of the grid as it was typed or pasted.</summary>
/// <param name="Lot">Number of the lot, or where it was gathered; may be empty where the species has one lot.</param>
/// <param name="Step">As in cold-moist.</param>
/// <param name="Since">Day on which the step began.</param>
/// <param name="Place">Name of the place; empty for the usual one of the step.</param>
/// <param name="Route">Name of the route, or where it is sown as in "winter container"; empty for the first that fits.</param>
/// <param name="Vessel">As in bag, jug, tray; empty for the usual one of the step.</param>
/// <param name="Cells">Cells of the tray it was sown into; empty for none.</param>
public sealed record ToldLine(
    string Species,
    string Lot,
    string Step,
    string Since,
    string Seeds,
    string Place,
    string Route = "",
    string Vessel = "",
    string Cells = ""
);
