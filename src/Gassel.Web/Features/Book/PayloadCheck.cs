using Gassel.Core;
using Gassel.Core.Record;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Book;

/// <summary>Shape of a payload: what no book could hold, whatever else is in it.</summary>
internal static class PayloadCheck
{
    private const int MaxSeeds = 1_000_000;
    private const int MaxCells = 1000;

    public static Refusal? Of(string at, EntryPayload payload, IReadOnlyCollection<string> places) =>
        payload switch
        {
            StepStarted p => Part(at, p.Part)
                ?? Limits.Whole($"{at}.step", p.Step, 0, 49)
                ?? Seeds($"{at}.seeds", p.Seeds)
                ?? Place($"{at}.place", p.Place, places)
                ?? VesselOf($"{at}.vessel", p.Vessel),
            StepEnded p => Part(at, p.Part) ?? Limits.Whole($"{at}.step", p.Step, 0, 49),
            Check p => Part(at, p.Part)
                ?? Limits.Whole($"{at}.sprouted", p.Sprouted, 0, MaxSeeds)
                ?? Limits.Text($"{at}.action", p.Action, 200, required: false)
                ?? Limits.Count($"{at}.care", p.Care?.Count ?? 0, 0, Enum.GetValues<BagCare>().Length)
                ?? (
                    p.PlaceC is { } c
                        ? Limits.Number($"{at}.placeC", c, Core.Climate.LoggerRows.ColdestC, Core.Climate.LoggerRows.HottestC)
                        : null
                ),
            Inspected p => Part(at, p.Part) ?? Limits.Whole($"{at}.swollen", p.Swollen, 0, MaxSeeds),
            WaterChanged p => Part(at, p.Part),
            Labelled p => Part(at, p.Part)
                ?? Limits.Whole($"{at}.inside", p.Inside, 0, 100)
                ?? Limits.Whole($"{at}.outside", p.Outside, 0, 100),
            CautionRead p => Limits.Text($"{at}.topic", p.Topic, 40),
            Split p => Part(at, p.Part)
                ?? Limits.Count($"{at}.children", p.Children.Count, 2, 50)
                ?? p.Children.Select(
                        (c, i) =>
                            Part($"{at}.children[{i}]", c.Part)
                            ?? Limits.Whole($"{at}.children[{i}].seeds", c.Seeds, 1, MaxSeeds)
                            ?? Limits.Whole($"{at}.children[{i}].sprouted", c.Sprouted, 0, c.Seeds)
                    )
                    .FirstOrDefault(r => r is not null),
            WaterLooked p => Part(at, p.Part),
            ColdAgain p => Part(at, p.Part)
                ?? Limits.Whole($"{at}.days", p.Days, 1, 400)
                ?? Place($"{at}.place", p.Place, places)
                ?? VesselOf($"{at}.vessel", p.Vessel),
            ColdAgainEnded p => Part(at, p.Part) ?? Place($"{at}.place", p.Place, places),
            Moved p => Part(at, p.Part) ?? Place($"{at}.place", p.Place, places) ?? Some($"{at}.some", p.Some),
            Sown p => Part(at, p.Part)
                ?? Place($"{at}.place", p.Place, places)
                ?? VesselOf($"{at}.vessel", p.Vessel)
                ?? (p.DepthMm is { } depth ? Limits.Number($"{at}.depthMm", depth, 0, 200) : null)
                ?? Seeds($"{at}.seeds", p.Seeds)
                ?? (p.SeedsPerCell is { } perCell ? Limits.Whole($"{at}.seedsPerCell", perCell, 1, 1000) : null)
                ?? Percent($"{at}.estimatePercent", p.EstimatePercent)
                ?? CellsOf($"{at}.cells", p.Cells),
            Count p => Part(at, p.Part)
                ?? Limits.Whole($"{at}.emerged", p.Emerged, 0, MaxSeeds)
                ?? Limits.Whole($"{at}.lost", p.Lost, 0, MaxSeeds)
                ?? Limits.Whole($"{at}.rooted", p.Rooted, 0, MaxSeeds)
                ?? (p is { Lost: 0, Cause: not LossCause.Unknown } ? new Refusal($"{at}.cause", "A cause needs a loss: lost was 0.") : null)
                ?? Spots($"{at}.spots", p.Spots),
            Estimated p => Part(at, p.Part) ?? Limits.Whole($"{at}.seeds", p.Seeds, 1, MaxSeeds) ?? Percent($"{at}.percent", p.Percent),
            CutTested p => Part(at, p.Part)
                ?? Limits.Whole($"{at}.full", p.Full, 0, MaxSeeds)
                ?? Limits.Whole($"{at}.empty", p.Empty, 0, MaxSeeds)
                ?? Limits.Whole($"{at}.rotten", p.Rotten, 0, MaxSeeds)
                ?? (
                    p is { Full: 0, Empty: 0, Rotten: 0 }
                        ? new Refusal($"{at}.full", "A cut test needs at least one seed cut: full, empty and rotten were all 0.")
                        : null
                ),
            DomeOff p => Part(at, p.Part),
            Prepared p => Part(at, p.Part)
                ?? ContainerCheck.Of($"{at}.setup", p.Setup)
                ?? Limits.Count($"{at}.done", p.Done.Count, 0, Enum.GetValues<PreparationStep>().Length),
            Tended p => Part(at, p.Part),
            TrueLeaves p => Part(at, p.Part),
            Measured p => Part(at, p.Part) ?? Limits.Number($"{at}.heightMm", p.HeightMm, 1, 5000),
            SymptomSeen p => Part(at, p.Part),
            WinterChosen p => Part(at, p.Part) ?? Limits.Day($"{at}.until", p.Until),
            WinterEnded p => Part(at, p.Part),
            CarriedOut p => Part(at, p.Part) ?? (p.Hours is { } hours ? Limits.Whole($"{at}.hours", hours, 1, 24) : null),
            MovedOn p => Part(at, p.Part)
                ?? Limits.Whole($"{at}.plants", p.Plants, 1, MaxSeeds)
                ?? Limits.Text($"{at}.into", p.Into, 80, required: false)
                ?? (p.SpacingCm is { } cm ? Limits.Number($"{at}.spacingCm", cm, 1, 1000) : null)
                ?? (p.PotCm is { } pot ? Limits.Number($"{at}.potCm", pot, 1, 100) : null)
                ?? (
                    p.Mix is { } mix
                        ? Limits.Count($"{at}.mix", mix.Count, 1, 10)
                            ?? mix.Select((m, i) => Limits.Open($"{at}.mix[{i}].parts", m.Parts, 0, 100, includeMax: true))
                                .FirstOrDefault(r => r is not null)
                        : null
                )
                ?? (
                    p.To <= p.From && !p.IsRepotting()
                        ? new Refusal($"{at}.to", $"to must be a stage after {p.From.Words()}; plants go forward.")
                        : null
                ),
            PlantsLost p => Part(at, p.Part) ?? Limits.Whole($"{at}.plants", p.Plants, 1, MaxSeeds),
            DiedBack p => Part(at, p.Part) ?? Limits.Whole($"{at}.plants", p.Plants, 1, MaxSeeds),
            CameAgain p => Part(at, p.Part) ?? Limits.Whole($"{at}.plants", p.Plants, 1, MaxSeeds),
            Closed p => Limits.Text($"{at}.words", p.Words, 500, required: false),
            StepLeftOut p => Limits.Whole($"{at}.step", p.Step, 0, 49),
            Discarded p => Limits.Text($"{at}.why", p.Why, 500, required: false),
            ResultJudged p => Limits.Text($"{at}.why", p.Why, 500, required: false),
            SowingKept p => Part(at, p.Part),
            SowingClosed p => Part(at, p.Part),
            Replanned p => Limits.Count($"{at}.steps", p.Steps.Count, 1, 50)
                ?? Limits.Day($"{at}.target", p.Target)
                ?? p.Steps.Select(
                        (s, i) =>
                            Limits.Whole($"{at}.steps[{i}].step", s.Step, 0, 49)
                            ?? Limits.Whole($"{at}.steps[{i}].days", s.Days, 0, Core.Treatments.DurationRange.MaxDays)
                    )
                    .FirstOrDefault(r => r is not null),
            Note p => Limits.Text($"{at}.text", p.Text, 2000) ?? Limits.Text($"{at}.part", p.Part, 40, required: false),
            PhotoTaken p => Limits.Text($"{at}.part", p.Part, 40, required: false)
                ?? Limits.Text($"{at}.words", p.Words, 200, required: false)
                ?? (
                    PhotoName.IsValid(p.Photo)
                        ? null
                        : new($"{at}.photo", $"{at}.photo is no name of a picture; valid is {PhotoName.Valid}.")
                ),
            VoidEntry => null,
            _ => new Refusal($"{at}.kind", "This kind of entry cannot be recorded."),
        };

    private static Refusal? Part(string at, string part) => Limits.Text($"{at}.part", part, 40);

    private static Refusal? Some(string at, MovedSome? some) =>
        some is null
            ? null
            : Part(at, some.Part)
                ?? Limits.Whole($"{at}.plants", some.Plants, 0, MaxSeeds)
                ?? Limits.Whole($"{at}.seeds", some.Seeds, 0, MaxSeeds)
                ?? Limits.Text($"{at}.label", some.Label, 40, required: false)
                ?? CellsOf($"{at}.cells", some.Cells);

    private static Refusal? Seeds(string field, int? seeds) => seeds is { } n ? Limits.Whole(field, n, 1, MaxSeeds) : null;

    private static Refusal? Place(string field, string? place, IReadOnlyCollection<string> places) =>
        place is null || places.Contains(place) ? null : new(field, $"There is no place {place}; valid are {string.Join(", ", places)}.");

    private static Refusal? Percent(string field, double? percent) => percent is { } p ? Limits.Number(field, p, 1, 90) : null;

    private static Refusal? CellsOf(string field, IReadOnlyList<int>? cells) =>
        cells is null
            ? null
            : Limits.Count(field, cells.Count, 1, MaxCells)
                ?? cells.Select((c, i) => Limits.Whole($"{field}[{i}]", c, 1, MaxCells)).FirstOrDefault(r => r is not null)
                ?? (cells.Distinct().Count() == cells.Count ? null : new(field, $"{field} names a cell twice; valid is each cell once."));

    private static Refusal? Spots(string field, IReadOnlyList<CountSpot>? spots) =>
        spots is null
            ? null
            : Limits.Count(field, spots.Count, 0, MaxCells)
                ?? spots
                    .Select(
                        (s, i) =>
                            (
                                s.Cell is null == s.Row is null
                                    ? new Refusal($"{field}[{i}]", $"{field}[{i}] needs a cell or a row, one of the two.")
                                    : null
                            )
                            ?? Limits.Whole($"{field}[{i}].{(s.Cell is null ? "row" : "cell")}", s.Cell ?? s.Row ?? 0, 1, MaxCells)
                            ?? Limits.Whole($"{field}[{i}].emerged", s.Emerged, 0, MaxSeeds)
                            ?? Limits.Whole($"{field}[{i}].lost", s.Lost, 0, MaxSeeds)
                    )
                    .FirstOrDefault(r => r is not null)
                ?? (
                    spots.DistinctBy(s => (s.Cell, s.Row)).Count() == spots.Count
                        ? null
                        : new(field, $"{field} names a cell or row twice; valid is each once.")
                );

    private static Refusal? VesselOf(string field, Vessel? vessel) =>
        vessel is null
            ? null
            : Limits.Text($"{field}.label", vessel.Label, 40)
                ?? Limits.Text($"{field}.slot", vessel.Slot, 40, required: false)
                ?? (vessel.Cells is { } cells ? Limits.Whole($"{field}.cells", cells, 1, MaxCells) : null)
                ?? (vessel.Columns is { } columns ? Limits.Whole($"{field}.columns", columns, 1, vessel.Cells ?? 1) : null);
}
