namespace Gassel.Core.Diagnosis;

/// <summary>From the record of a sown part to ranked causes of low germination.</summary>
public static class Judgement
{
    /// <summary>Where nobody knows what to expect, less than this share is looked into (our assumption).</summary>
    public const double LowWithoutForecast = 0.5;

    /// <summary>One that is named as possible, where none is likely (our assumption).</summary>
    private const double WorthNaming = 0.1;

    public static LowGermination Of(GerminationGround ground)
    {
        var found = CauseRules.All.Select(rule => rule(ground)).OfType<CauseFinding>().ToList();
        var isLow = ground.Share < (ground.Expected ?? LowWithoutForecast);
        if (isLow)
        {
            var chances = CauseChances.Of(ground, found);
            found = [.. found.Select((f, i) => f with { Chance = chances[i] })];
        }
        List<CauseFinding> findings =
        [
            // while it is not time yet, waiting comes before all else
            .. found
                .OrderByDescending(f => f is { Cause: Cause.NotTimeYet, IsNamed: true })
                .ThenByDescending(f => f.Chance)
                .ThenBy(f => f.Likelihood)
                .ThenByDescending(f => f.For.Count)
                .ThenBy(f => f.Cause),
        ];
        return new(isLow, isLow && !findings.Exists(f => f.IsNamed), Verdict(ground, findings, isLow), findings);
    }

    private static string Verdict(GerminationGround ground, List<CauseFinding> findings, bool isLow)
    {
        var result = ground.Result;
        var soFar = Text.Of($"{result.Emerged} of {result.Sown} are up ({result.Wilson.Low:P0} to {result.Wilson.High:P0})");
        if (!isLow)
            return $"{soFar}: as many as expected. Nothing needs explaining.";
        var expected = ground.Expected is { } share ? Text.Of($"{soFar}, {share:P0} were expected") : soFar;
        if (ground.Expected is { } hoped && result.Wilson.High > hoped && ground.Day > ground.Window.Longest)
            expected += "; that can still be chance";
        var named = findings.Where(f => f.IsNamed).ToList();
        if (named.Find(f => f.Cause == Cause.NotTimeYet) is { } early)
            return $"{expected}. Not time yet: {early.For[0].TrimEnd('.').ToLowerInvariant()}.{Beside(named)}";
        if (named.Count > 0)
            return $"{expected}. Most likely: {string.Join("; ", named.Select(f => f.Name))}.";
        var possible = findings.Where(f => f.Chance >= WorthNaming && f.IsSeen).Select(f => f.Name).ToList();
        return possible.Count > 0
            ? $"{expected}. Your records do not decide it. Possible: {string.Join("; ", possible)}."
            : $"{expected}. Cannot tell: nothing recorded points to one cause. See below what to look at.";
    }

    private static string Beside(List<CauseFinding> named)
    {
        var others = named.Where(f => f.Cause != Cause.NotTimeYet).Select(f => f.Name).ToList();
        return others.Count == 0 ? "" : $" Watch meanwhile: {string.Join("; ", others)}.";
    }
}
