namespace Gassel.Web.Features.Wishes;

/// <summary>A line of the list as it was typed or pasted.</summary>
/// <param name="Plants">How many; may be empty where an area and a spacing are given.</param>
/// <param name="When">As in 15 May 2027, 2 weeks after frost, autumn, 2028; empty for the next last frost.</param>
/// <param name="Lot">Number of the lot or where it was gathered; "gather" or "buy" where there is none yet.</param>
/// <param name="For">Who they are for.</param>
/// <param name="Priority">1 to 3; empty for 2.</param>
/// <param name="Area">Square metres; square feet where the site speaks so.</param>
/// <param name="Spacing">Centimetres; inches where the site speaks so.</param>
/// <param name="Route">Name of the route; empty for the one that suits best.</param>
public sealed record WishLine(
    string Species,
    string Plants,
    string When = "",
    string Lot = "",
    string For = "",
    string Priority = "",
    string Area = "",
    string Spacing = "",
    string Route = ""
);
