using Gassel.Core.Treatments;

namespace Gassel.Core.Seed;

/// <summary>
/// Whether a germination test says something of a route: only if the tested seed had the same dormancy-breaking steps. Untreated dormant
/// seed on a towel reads near zero and tells of dormancy, not of life (common practice, no source).
/// </summary>
public static class TestTreatment
{
    /// <summary>Steps that break dormancy; soaking and storing do not count.</summary>
    public static bool BreaksDormancy(StepKind kind) =>
        kind
            is StepKind.Scarify
                or StepKind.Leach
                or StepKind.AfterRipen
                or StepKind.WarmMoist
                or StepKind.ColdMoist
                or StepKind.SmokeWater
                or StepKind.GibberellicAcid;

    /// <summary>What seed must have had for a test to stand in for the route, with usual days.</summary>
    public static IReadOnlyList<GivenStep> Of(Route route) =>
        [.. route.Treatment.Where(s => BreaksDormancy(s.Kind)).Select(s => new GivenStep(s.Kind, s.Days.Usual))];

    /// <summary>Each step of the route for at least its shortest, optional ones at will, in order, and nothing else.</summary>
    public static bool IsOfRoute(GerminationTest test, Route route)
    {
        if (test.Given is not { } given)
            return true;
        var at = 0;
        foreach (var step in route.Treatment.Where(s => BreaksDormancy(s.Kind)))
        {
            if (at < given.Count && given[at].Kind == step.Kind && given[at].Days >= step.Days.Shortest)
                at++;
            else if (!step.Optional)
                return false;
        }
        return at == given.Count;
    }

    /// <summary>What a test tells where it is not of the route.</summary>
    public static string TellsInstead(GerminationTest test, Route route)
    {
        var result = Text.Of($"{test.Germinated} of {test.Seeds} came up in a test {Words(test)}");
        var lacks = route
            .Treatment.Where(s => BreaksDormancy(s.Kind) && !s.Optional)
            .Where(s => test.Given!.All(g => g.Kind != s.Kind || g.Days < s.Days.Shortest))
            .Select(s => s.Kind.Words())
            .ToList();
        return lacks.Count > 0
            ? $"{result}: without the {string.Join(" and ", lacks)} of this route it tells of dormancy, not of life."
            : $"{result}: another treatment than this route's, so it does not stand in for it.";
    }

    public static string Words(GerminationTest test) =>
        test.Given switch
        {
            null => "with the route's treatment",
            [] => "without treatment",
            var given => "after "
                + string.Join(", ", given.Select(g => g.Days == 0 ? g.Kind.Words() : Text.Of($"{g.Days} days {g.Kind.Words()}"))),
        };
}
