using Gassel.Core;
using Gassel.Data;
using Gassel.Web.Door;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Labels;

/// <summary>A card for each place in use, to hang up there: its name to be read from afar, and a code that opens its jobs.</summary>
internal static class PlaceCards
{
    private const double PointsPerMm = 72 / 25.4;
    private const double MarginMm = 10;
    private const int Columns = 2;
    private const int Rows = 4;

    public static async Task<IResult> Print(Library library, SiteClock clock, NetworkDoor door, HttpRequest request)
    {
        var places = (await library.Places()).Where(place => place.RetiredOn is null).ToList();
        var (width, height) = clock.Settings.Units == Units.Metric ? (210, 297) : (215.9, 279.4);
        using var ink = new LabelInk($"Cards of the places, {clock.Site?.Name ?? "Gassel"}", clock.Speaker);
        for (var i = 0; i < places.Count; i++)
        {
            var (row, column) = Math.DivRem(i % (Columns * Rows), Columns);
            if (row == 0 && column == 0)
                ink.NewPage(width * PointsPerMm, height * PointsPerMm);
            var (stepX, stepY) = ((width - (2 * MarginMm)) / Columns, (height - (2 * MarginMm)) / Rows);
            LabelDrawing.Card(
                ink,
                new(
                    (MarginMm + (column * stepX)) * PointsPerMm,
                    (MarginMm + (row * stepY)) * PointsPerMm,
                    stepX * PointsPerMm,
                    stepY * PointsPerMm
                ),
                places[i].Name,
                "Scan for the jobs here.",
                Text.Of($"{LabelEndpoints.Address(door, request)}/at/{Uri.EscapeDataString(places[i].Id)}")
            );
        }
        return Results.File(ink.ToPdf(), "application/pdf", "place-cards.pdf");
    }
}
