namespace Gassel.Core.Germination;

/// <summary>Says which treatments matter, as a grower would.</summary>
public static class TreatmentWords
{
    public static string Of(TreatmentEffect effect)
    {
        var (low, high) = (effect.Low, effect.High);
        var carried = Text.Of($"by {Batches(effect.With)} with {It(effect)} and {effect.Without} {Rest(effect)}");
        if (!effect.IsSeen)
            return Text.Of($"{Named(effect)}: no difference to be seen yet, {Fewer(low)} to {More(high)} points more, {carried}.");
        var more = effect.Difference > 0;
        var (least, most) = more ? (low, high) : (-high, -low);
        return Text.Of(
            $"{Named(effect)}: about {Points(Math.Abs(effect.Difference))} points {(more ? "more" : "fewer")} come up "
                + $"({Points(least)} to {Points(most)}), {carried}."
        );
    }

    public static string Silent(TreatmentFactor factor, string why) => Text.Of($"{Text.Capital(factor.Words())}: {why}.");

    /// <summary>What is compared: "Cold, 90 days against 30"; of several that went together all.</summary>
    private static string Named(TreatmentEffect effect)
    {
        var first = effect.Factors[0].Factor;
        var together = string.Concat(
            effect
                .Factors.Skip(1)
                .Select(f => f.Reversed ? Text.Of($", always without {f.Factor.Words()}") : Text.Of($", always with {f.Factor.Words()}"))
        );
        return first switch
        {
            TreatmentFactor.Cold => Text.Of($"Cold{together}, {effect.To:0} days against {effect.From:0}"),
            TreatmentFactor.SeedAge => Text.Of($"Age of the seed{together}, {effect.To:0.#} years against {effect.From:0.#}"),
            _ => Text.Capital(first.Words()) + together,
        };
    }

    private static string It(TreatmentEffect effect) => TreatmentDesign.IsMeasured(effect.Factors[0].Factor) ? "more" : "it";

    private static string Rest(TreatmentEffect effect) => TreatmentDesign.IsMeasured(effect.Factors[0].Factor) ? "with less" : "without";

    private static string Batches(int count) => Text.Of($"{count} {(count == 1 ? "batch" : "batches")}");

    private static string Points(double share) => Text.Of($"{share * 100:0}");

    private static string Fewer(double low) => low < 0 ? Text.Of($"{Points(-low)} points fewer") : "0";

    private static string More(double high) => Points(high);
}
