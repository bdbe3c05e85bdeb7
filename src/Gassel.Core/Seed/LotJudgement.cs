using System.Globalization;
using Gassel.Core.Planning;
using Gassel.Core.Treatments;

namespace Gassel.Core.Seed;

/// <summary>What the germination of a lot under a route rests on.</summary>
public enum GerminationBasis
{
    /// <summary>A test under the route's treatment.</summary>
    Test,

    /// <summary>What the grower expects.</summary>
    Expected,

    /// <summary>Viability by the school, times the share of live seed taken to come up.</summary>
    Rule,
}

public enum LotWarningKind
{
    Old,
    TestOfDormancy,
    OldTest,
    NoCutTest,
    Hazard,
    DriedOut,
    NoPermission,
}

/// <summary>Something to know before planning with a lot. A warning never refuses.</summary>
public sealed record LotWarning(LotWarningKind Kind, string Words);

/// <param name="Germination">What a plan reckons with.</param>
/// <param name="Alive">Share of seed taken to be alive, bounded by a cut test.</param>
public sealed record LotJudgement(
    GerminationBelief Germination, GerminationBasis Basis, double Alive, IReadOnlyList<LotWarning> Warnings, IReadOnlyList<string> Working)
{
    /// <summary>Share of live, treated seed taken to come up where nothing is known (our assumption).</summary>
    public const double ComesUpOfLive = 0.8;

    /// <summary>A test is taken for old after so many years (our assumption).</summary>
    private const double OldTestYears = 2;

    /// <param name="school">By which viability falls with age.</param>
    public static LotJudgement Of(SeedLot lot, Species species, Route route, ViabilitySchool school, DateOnly today)
    {
        var age = lot.AgeYears(today);
        var initial = lot.Source == SeedSource.CleanedBought ? Viability.CleanedBought : Viability.WildCollected;
        var rule = Viability.At(school, initial, age, species.Longevity, lot.Storage);
        var working = new List<string>
        {
            string.Create(CultureInfo.InvariantCulture, $"Alive: {(lot.Source == SeedSource.CleanedBought ? "cleaned bought" : "wild-collected")} seed starts at {initial:P0}; {age:0.0} years old."),
        };
        working.AddRange(rule.Working);
        var alive = rule.Fraction;
        if (FullShare(lot) is { } full && lot.CutTest is { } cut)
        {
            alive = Math.Min(alive, full);
            working.Add(string.Create(CultureInfo.InvariantCulture,
                $"Cut test: {cut.Full} full of {cut.Full + cut.Empty + cut.Rotten}, so at most {full:P0} can come up; taken as {alive:P0}."));
        }

        var ofRoute = lot.Tests?.Where(t => TestTreatment.IsOfRoute(t, route)).MaxBy(t => t.On ?? DateOnly.MinValue);
        GerminationBelief belief;
        GerminationBasis basis;
        if (ofRoute is not null)
        {
            (belief, basis) = (new GerminationBelief.Tested(ofRoute.Germinated, ofRoute.Seeds), GerminationBasis.Test);
            working.Add(string.Create(CultureInfo.InvariantCulture,
                $"Germination: {ofRoute.Germinated} of {ofRoute.Seeds} in a test {TestTreatment.Words(ofRoute)}; it replaces the rule for this route."));
        }
        else if (lot.AssumedFraction is { } expected)
        {
            var bounded = Math.Min(expected, FullShare(lot) ?? 1);
            (belief, basis) = (new GerminationBelief.Known(bounded), GerminationBasis.Expected);
            working.Add(string.Create(CultureInfo.InvariantCulture, $"Germination: {bounded:P0}, as you expect{(bounded < expected ? ", bounded by the cut test" : "")}."));
        }
        else
        {
            (belief, basis) = (new GerminationBelief.Known(alive * ComesUpOfLive), GerminationBasis.Rule);
            working.Add(string.Create(CultureInfo.InvariantCulture,
                $"Germination: {alive:P0} alive × {ComesUpOfLive:P0} of live seed coming up after treatment = {alive * ComesUpOfLive:P0} (our assumption; a test under this route would replace it)."));
        }
        return new(belief, basis, alive, [.. Heed(lot, species, route, ofRoute, rule.Fraction / initial, alive, age, today)], working);
    }

    private static double? FullShare(SeedLot lot) => lot.CutTest is { } cut && cut.Full + cut.Empty + cut.Rotten is > 0 and var cutSeeds
        ? (double)cut.Full / cutSeeds
        : null;

    private static IEnumerable<LotWarning> Heed(
        SeedLot lot, Species species, Route route, GerminationTest? ofRoute, double keptShare, double alive, double age, DateOnly today)
    {
        var culture = CultureInfo.InvariantCulture;
        if (species.Hazard != HazardLevel.None)
        {
            yield return new(LotWarningKind.Hazard, $"{(species.Hazard == HazardLevel.Toxic ? "Toxic" : "Irritant")} seed. {species.HazardNote}".TrimEnd());
        }
        if (keptShare <= 0.5 && ofRoute is null)
        {
            yield return new(LotWarningKind.Old, string.Create(culture, $"Too old to trust: {age:0.0} years, by the rule {alive:P0} alive. Test some under this route, or take fresher seed."));
        }
        if (ofRoute?.On is { } on && (today.DayNumber - on.DayNumber) / 365.25 > OldTestYears)
        {
            yield return new(LotWarningKind.OldTest, string.Create(culture, $"The test is of {on:MMM yyyy}; seed has aged since."));
        }
        foreach (var other in (lot.Tests ?? []).Where(t => !TestTreatment.IsOfRoute(t, route)))
        {
            yield return new(LotWarningKind.TestOfDormancy, TestTreatment.TellsInstead(other, route));
        }
        if (ofRoute is null && lot.CutTest is null && lot.Source == SeedSource.WildCollected)
        {
            yield return new(LotWarningKind.NoCutTest, "Wild-collected and neither cut nor tested: cut twenty seeds and count the full ones.");
        }
        if (species.Has(SpeciesFlag.DoNotDry) && lot.Storage != SeedStorage.WarmOrDamp)
        {
            yield return new(LotWarningKind.DriedOut, "This kind must not dry, and the lot was kept dry: expect few, and take the route for dried seed where there is one.");
        }
        if (lot.Source == SeedSource.WildCollected && string.IsNullOrWhiteSpace(lot.Permission))
        {
            yield return new(LotWarningKind.NoPermission, "No permission is noted for collecting it.");
        }
    }
}
