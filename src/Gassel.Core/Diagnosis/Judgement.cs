namespace Gassel.Core.Diagnosis;

/// <summary>From the record of a sown part to ranked causes of low germination.</summary>
public static class Judgement
{
    /// <summary>Where nobody knows what to expect, less than this share is looked into (our assumption).</summary>
    private const double LowWithoutForecast = 0.5;

    public static LowGermination Of(GerminationGround ground)
    {
        var findings = CauseRules
            .All.Select(rule => rule(ground))
            .OfType<CauseFinding>()
            .OrderBy(f => f.Likelihood)
            .ThenByDescending(f => f.For.Count)
            .ThenBy(f => f.Cause)
            .ToList();
        var isLow = IsLow(ground);
        return new(isLow, Verdict(ground, findings, isLow), findings);
    }

    /// <summary>The share up so far is below what was expected.</summary>
    private static bool IsLow(GerminationGround ground) => ground.Result.Fraction < (ground.Expected ?? LowWithoutForecast);

    private static string Verdict(GerminationGround ground, List<CauseFinding> findings, bool isLow)
    {
        var result = ground.Result;
        var soFar = Text.Of($"{result.Emerged} of {result.Sown} are up ({result.Wilson.Low:P0} to {result.Wilson.High:P0})");
        if (!isLow)
            return $"{soFar}: as many as expected. Nothing needs explaining.";
        var expected = ground.Expected is { } share ? Text.Of($"{soFar}, {share:P0} were expected") : soFar;
        if (ground.Expected is { } hoped && result.Wilson.High > hoped && ground.Day > ground.Window.Longest)
            expected += "; that can still be chance";
        var likely = findings.Where(f => f.Likelihood == Likelihood.Likely).ToList();
        if (likely.Find(f => f.Cause == Cause.NotTimeYet) is { } early)
            return $"{expected}. Not time yet: {early.For[0].TrimEnd('.').ToLowerInvariant()}.{Beside(likely)}";
        if (likely.Count > 0)
            return $"{expected}. Most likely: {string.Join("; ", likely.Select(f => f.Name))}.";
        var possible = findings.Where(f => f.Likelihood == Likelihood.Possible).Select(f => f.Name).ToList();
        return possible.Count > 0
            ? $"{expected}. Your records do not decide it. Possible: {string.Join("; ", possible)}."
            : $"{expected}. Cannot tell: nothing recorded points to one cause. See below what to look at.";
    }

    private static string Beside(List<CauseFinding> likely)
    {
        var others = likely.Where(f => f.Cause != Cause.NotTimeYet).Select(f => f.Name).ToList();
        return others.Count == 0 ? "" : $" Watch meanwhile: {string.Join("; ", others)}.";
    }
}
