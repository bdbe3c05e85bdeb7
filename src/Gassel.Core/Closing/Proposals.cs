using Gassel.Core.Record;

namespace Gassel.Core.Closing;

/// <summary>Rules over a summary. They propose; nothing changes by itself.</summary>
public static class Proposals
{
    /// <summary>A loss of less is chance (our assumption).</summary>
    private const double WorthASentence = 0.1;

    public static IReadOnlyList<Proposal> Of(BatchAccount batch) => [.. Rules.Select(rule => rule(batch)).OfType<Proposal>()];

    private static readonly Func<BatchAccount, Proposal?>[] Rules =
    [
        Seeds,
        Wanted,
        b =>
            Lost(
                b,
                ProposalKind.DampingOff,
                [LossCause.DampingOff],
                "Water less from above, take the dome off sooner and keep air moving. Use clean trays and fresh mix."
            ),
        b =>
            Lost(
                b,
                ProposalKind.Frost,
                [LossCause.Frost],
                b.Setting == Treatments.RouteSetting.WinterContainer
                    ? "Set out later in the window, or under the eaves; cover when the yard warns."
                    : "Harden off by the forecast, and plant out after the frost risk you accept."
            ),
        b =>
            Lost(
                b,
                ProposalKind.Pests,
                [LossCause.Eaten, LossCause.Slugs, LossCause.Mice, LossCause.Birds],
                "Keep off what ate them: grit and a ring against slugs, mesh against mice and birds."
            ),
        b =>
            Lost(
                b,
                ProposalKind.Dried,
                [LossCause.Dried],
                "Look more often in warm weeks, or use a deeper mix. Water from below when the surface pales."
            ),
        b => Lost(b, ProposalKind.Overgrown, [LossCause.Overgrown], "Prick out or divide at the first true leaves; sow fewer to a cell."),
    ];

    private static Proposal? Seeds(BatchAccount b)
    {
        if (!b.IsOver || b.Fraction is not { } share || b.Forecast is not { } forecast || b.Within != false)
            return null;
        return new(
            ProposalKind.SeedNumber,
            b.Id,
            share < forecast.Low
                ? "Sow more next winter: plan with what came up, not with what was expected."
                : "Fewer seeds will do next winter: plan with what came up.",
            Say(
                $"B-{b.Number} {b.CommonName}: {share:P0} of {b.Seeds} came up ({b.Low:P0} to {b.High:P0}); "
                    + $"{forecast.Low:P0} to {forecast.High:P0} was forecast."
            )
        );
    }

    private static Proposal? Wanted(BatchAccount b)
    {
        if (b.BooksClosedOn is null)
            return null;
        var plants = Math.Max(b.Plants.At(PlantStage.Planted).Reached, b.Plants.Alive + b.Plants.Dormant);
        return plants < b.PlantsWanted * 0.75
                ? new(
                    ProposalKind.Plants,
                    b.Id,
                    "Fewer plants than wanted: sow more, or look where they were lost.",
                    Say($"B-{b.Number} {b.CommonName}: {plants} of {b.PlantsWanted} wanted.")
                )
            : plants > b.PlantsWanted * 1.5
                ? new(
                    ProposalKind.Plants,
                    b.Id,
                    "Many more plants than wanted: sow fewer, or plan where they go.",
                    Say($"B-{b.Number} {b.CommonName}: {plants} for {b.PlantsWanted} wanted.")
                )
            : null;
    }

    private static Proposal? Lost(BatchAccount b, ProposalKind kind, LossCause[] causes, string words)
    {
        var lost = b.Plants.Losses.Where(l => causes.Contains(l.Cause)).Sum(l => l.Plants);
        return b.Plants.Emerged == 0 || lost < Math.Max(2, WorthASentence * b.Plants.Emerged)
            ? null
            : new(kind, b.Id, words, Say($"B-{b.Number} {b.CommonName}: {lost} of {b.Plants.Emerged} seedlings lost this way."));
    }

    private static string Say(InvariantText text) => text.ToString().Replace(" %", " %", StringComparison.Ordinal);
}
