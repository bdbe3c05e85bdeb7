using System.Collections.Concurrent;

namespace Gassel.Core.Germination;

/// <summary>What own batches of a route say of a cold that is under way, and of a second one; each question is reckoned once.</summary>
/// <param name="batches">Finished ones.</param>
/// <param name="elsewhere">What other nurseries tell of a day of cold.</param>
public sealed class ColdQuestions(IReadOnlyList<ColdBatch> batches, IReadOnlyList<ColdElsewhere> elsewhere)
{
    private readonly ConcurrentDictionary<(double Had, double More), ColdEffect> _asked = [];

    private ColdEffect Ask(double had, double more) =>
        _asked.GetOrAdd((had, more), q => ColdEffectFit.Fit(batches, [q.Had], q.Had + q.More, q.Had, elsewhere: elsewhere));

    /// <summary>How much comes up after the cold it had; null where the batches do not tell it.</summary>
    /// <param name="days">Of cold, by weight.</param>
    public string? SoFar(double days)
    {
        var whole = Math.Round(days);
        return Ask(whole, 0) is { Speaks: true, At: [{ Mean: { } mean, Low: { } low, High: { } high }] }
            ? Text.Of($"{By}, about {mean:P0} ({low * 100:0} to {high * 100:0}) come up after {whole:0} days of cold.")
            : null;
    }

    /// <summary>What a second cold would bring up of the seed that waits. That it adds to the first is taken for granted.</summary>
    /// <param name="had">Days of cold so far.</param>
    public string Again(int waiting, double had, double more)
    {
        var effect = Ask(had, more);
        if (!effect.Speaks)
            return "Whether more cold brings more up, your batches do not tell yet.";
        if (effect is not { At: [{ Mean: { } up }], Loss: { Difference: { } gain, Low: { } low, High: { } high } } || up >= 1)
            return Text.Of($"Your batches do not reach to {had + more:0} days of cold: what a second one brings is not known.");
        string Of(double share) => Text.Of($"{waiting * Math.Clamp(share / (1 - up), 0, 1):0}");
        return Text.Of(
            $"{By}, of {(waiting == 1 ? "the seed" : $"{waiting} seeds")} not up yet about {Of(gain)} ({Of(low)} to {Of(high)}) more "
                + $"come up with {more:0} days more, if they add to the {had:0} before (our assumption)."
        );
    }

    private string By =>
        Text.Of($"By {batches.Count} batches of your own{(elsewhere.Count == 0 ? "" : " and what a day of cold does elsewhere")}");
}
