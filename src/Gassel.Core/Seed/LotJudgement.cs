using Gassel.Core.Germination;
using Gassel.Core.Treatments;

namespace Gassel.Core.Seed;

/// <param name="Germination">What a plan reckons with.</param>
/// <param name="Alive">Share of seed taken to be alive, bounded by a cut test.</param>
/// <param name="Learned">What own batches let expect, also where a test of the lot goes before it; null without own batches.</param>
public sealed record LotJudgement(
    GerminationBelief Germination,
    GerminationBasis Basis,
    double Alive,
    IReadOnlyList<LotWarning> Warnings,
    IReadOnlyList<string> Working,
    LearnedGermination? Learned = null
)
{
    /// <summary>Share of live, treated seed taken to come up where nothing is known (our assumption).</summary>
    public const double ComesUpOfLive = 0.8;

    /// <summary>A test is taken for old after so many years (our assumption).</summary>
    private const double OldTestYears = 2;

    /// <param name="school">By which viability falls with age.</param>
    /// <param name="own">Finished batches of one's own by this route; null or empty for none.</param>
    /// <param name="others">Those of other nurseries, treated alike; null or empty for none.</param>
    public static LotJudgement Of(
        SeedLot lot,
        Species species,
        Route route,
        ViabilitySchool school,
        DateOnly today,
        IReadOnlyList<PastBatch>? own = null,
        IReadOnlyList<OthersBatches>? others = null
    )
    {
        var age = lot.AgeYears(today);
        var initial = lot.PrintedFraction ?? (lot.Source == SeedSource.CleanedBought ? Viability.CleanedBought : Viability.WildCollected);
        var rule = Viability.At(school, initial, age, species.Longevity, lot.Storage);
        var working = new List<string>
        {
            lot.PrintedFraction is { } printed
                ? Text.Of(
                    $"Alive: {printed:P0} printed on the "
                        + $"packet{(lot.PackedFor is { } packed
                            ? $", packed for {packed}, so taken as harvested in the autumn of {packed - 1}" : "")}; "
                        + $"{age:0.0} years old."
                )
                : Text.Of(
                    $"Alive: {(lot.Source == SeedSource.CleanedBought ? "cleaned bought" : "wild-collected")} seed "
                        + $"starts at {initial:P0}; {age:0.0} years old."
                ),
        };
        working.AddRange(rule.Working);
        var alive = rule.Fraction;
        if (FullShare(lot) is { } full && lot.CutTest is { } cut)
        {
            alive = Math.Min(alive, full);
            working.Add(
                Text.Of(
                    $"Cut test: {cut.Full} full of {cut.Full + cut.Empty + cut.Rotten}, so at most {full:P0} can come "
                        + $"up; taken as {alive:P0}."
                )
            );
        }

        var ofRoute = lot.Tests?.Where(t => TestTreatment.IsOfRoute(t, route)).MaxBy(t => t.On ?? DateOnly.MinValue);
        GerminationBelief belief;
        GerminationBasis basis;
        if (ofRoute is not null)
        {
            var aged = AgedTest.Of(ofRoute, lot, species, school, initial, today);
            (belief, basis) = (new GerminationBelief.Tested(aged.Germinated, ofRoute.Seeds), GerminationBasis.Test);
            working.Add(
                Text.Of(
                    $"Germination: {ofRoute.Germinated} of {ofRoute.Seeds} in a test {TestTreatment.Words(ofRoute)}; "
                        + $"it replaces the rule for this route."
                )
            );
            working.Add(aged.Words);
        }
        else if (lot.AssumedFraction is { } expected)
        {
            var bounded = Math.Min(expected, FullShare(lot) ?? 1);
            (belief, basis) = (new GerminationBelief.Known(bounded), GerminationBasis.Expected);
            working.Add(Text.Of($"Germination: {bounded:P0}, as you expect{(bounded < expected ? ", bounded by the cut test" : "")}."));
        }
        else
        {
            (belief, basis) = (new GerminationBelief.Known(alive * ComesUpOfLive), GerminationBasis.Rule);
            working.Add(
                Text.Of(
                    $"Germination: {alive:P0} alive × {ComesUpOfLive:P0} of live seed coming up after treatment = "
                        + $"{alive * ComesUpOfLive:P0} (our assumption; a test under this route would replace it)."
                )
            );
        }
        var evidence = ofRoute is null ? EvidencePrior.From(belief.ObservedRate, others) : null;
        var learned = own is { Count: > 0 } || evidence is not null ? EvidencePrior.Learn(evidence, belief.ObservedRate, own ?? []) : null;
        if (learned is not null && ofRoute is null)
        {
            (belief, basis) = (learned.Belief, own is { Count: > 0 } ? GerminationBasis.OwnBatches : GerminationBasis.Evidence);
            working.AddRange(evidence?.Working ?? []);
            working.AddRange(learned.Working);
        }
        else if (learned is not null)
        {
            // a test tells of this very seed; batches of other seed go beside it
            learned = LearnedGermination.From(Math.Clamp(alive * ComesUpOfLive, 0.01, 0.99), own!);
            working.Add(
                Text.Of(
                    $"From your other batches: {learned.Working[0]} A new batch is expected at {learned.Mean:P0}; the "
                        + $"test of this seed counts first."
                )
            );
        }
        return new(
            belief,
            basis,
            alive,
            [.. Heed(lot, species, route, ofRoute, rule.Fraction / initial, alive, age, today)],
            working,
            learned
        );
    }

    /// <summary>What a batch of so many seeds is expected to do; nine batches in ten between its ends.</summary>
    /// <param name="seeds">At least 1.</param>
    public GerminationForecast Forecast(int seeds)
    {
        // the belief as it stands, and around it how much batches differ where only a few or none are known
        var learned =
            Basis is GerminationBasis.OwnBatches or GerminationBasis.Evidence && Learned is not null
                ? Learned
                : LearnedGermination.From(Germination.ObservedRate, []);
        var range = learned.Predict(seeds);
        return new(
            Germination.ObservedRate,
            range.Low,
            range.High,
            Basis switch
            {
                GerminationBasis.Test => "a test of the lot under the route's treatment",
                GerminationBasis.Expected => "what you expected of the lot",
                GerminationBasis.OwnBatches => "own batches of this route",
                GerminationBasis.Evidence => "batches of other nurseries",
                _ => "the rule for seed of its age",
            }
        );
    }

    private static double? FullShare(SeedLot lot) =>
        lot.CutTest is { } cut && cut.Full + cut.Empty + cut.Rotten is > 0 and var cutSeeds ? (double)cut.Full / cutSeeds : null;

    private static IEnumerable<LotWarning> Heed(
        SeedLot lot,
        Species species,
        Route route,
        GerminationTest? ofRoute,
        double keptShare,
        double alive,
        double age,
        DateOnly today
    )
    {
        if (species.Hazard != HazardLevel.None)
        {
            yield return new(
                LotWarningKind.Hazard,
                $"{(species.Hazard switch { HazardLevel.VeryToxic => "Very toxic", HazardLevel.Toxic => "Toxic", _ => "Irritant" })} "
                    + $"seed. {species.HazardNote}".TrimEnd()
            );
        }
        if (keptShare <= 0.5 && ofRoute is null)
        {
            yield return new(
                LotWarningKind.Old,
                Text.Of(
                    $"Too old to trust: {age:0.0} years, by the rule {alive:P0} alive. Test some under this route, or take fresher seed."
                )
            );
        }
        if (ofRoute?.On is { } on && (today.DayNumber - on.DayNumber) / 365.25 > OldTestYears)
        {
            yield return new(LotWarningKind.OldTest, Text.Of($"The test is of {Quantity.Month(on)}; seed has aged since."));
        }
        foreach (var other in (lot.Tests ?? []).Where(t => !TestTreatment.IsOfRoute(t, route)))
        {
            yield return new(LotWarningKind.TestOfDormancy, TestTreatment.TellsInstead(other, route));
        }
        if (ofRoute is null && lot.CutTest is null && lot.Source == SeedSource.WildCollected)
        {
            yield return new(
                LotWarningKind.NoCutTest,
                "Wild-collected and neither cut nor tested: cut twenty seeds and count the full ones."
            );
        }
        if (species.Has(SpeciesFlag.DoNotDry) && lot.Storage is not (SeedStorage.WarmOrDamp or SeedStorage.Moist))
        {
            yield return new(
                LotWarningKind.DriedOut,
                "This kind must not dry, and the lot was kept dry: expect few, and take the route for dried seed where there is one."
            );
        }
        if (
            species.DormancyClass is DormancyClass.Physical or DormancyClass.Combinational
            && route.Setting == RouteSetting.Indoors
            && route.Steps.All(s => s.Kind != StepKind.Scarify)
        )
        {
            yield return new(
                LotWarningKind.WaterTight,
                "This kind has a water-tight coat and the route does not break it: most of the seed takes no water. "
                    + "Choose a route with scarifying."
            );
        }
        if (lot.Source == SeedSource.WildCollected && string.IsNullOrWhiteSpace(lot.Parent) && string.IsNullOrWhiteSpace(lot.Permission))
        {
            yield return new(LotWarningKind.NoPermission, "Permission to collect it is not recorded.");
        }
    }
}
