using Gassel.Core.Germination;
using MathNet.Numerics.Distributions;

namespace Gassel.Core.Tests.Germination;

/// <summary>Made-up books with known truth: how often the interval of an effect holds it.</summary>
public class TreatmentCoverageTests
{
    /// <param name="Lots">From which the batches take turns.</param>
    /// <param name="Rho">Likeness within a batch.</param>
    /// <param name="Spread">Of lots, logit.</param>
    internal sealed record Nursery(string Name, int Batches, int Lots, int Seeds, double Rho, double Spread);

    internal static readonly Nursery[] Nurseries =
    [
        new("12 batches of 40 seeds, 4 lots, batches alike", 12, 4, 40, 0, 0),
        new("16 batches of 60 seeds, 5 lots, batches differ", 16, 5, 60, 0.1, 0),
        new("24 batches of 60 seeds, 6 lots, batches and lots differ", 24, 6, 60, 0.1, 0.5),
        new("40 batches of 40 seeds, 8 lots, batches and lots differ", 40, 8, 40, 0.15, 0.7),
    ];

    /// <summary>In the order of the factors: cold for a day, scarifying, soaking (nothing); logit.</summary>
    private static readonly double[] Truth = [0.02, 1.0, 0.0];

    /// <returns>Share of effects told whose interval of the difference holds the true one, mean error of the difference, how often one
    /// that is nothing is said to be something, and how many effects were told.</returns>
    internal static (double Held, double Bias, double Accused, int Told) Try(Nursery nursery, int books, int seed)
    {
        var random = new Random(seed);
        var (held, told, error, nothing, accused) = (0, 0, 0.0, 0, 0);
        for (var book = 0; book < books; book++)
        {
            var batches = Batches(nursery, random);
            foreach (var effect in TreatmentFit.Fit(batches).Effects)
            {
                var which = Array.IndexOf(
                    [TreatmentFactor.Cold, TreatmentFactor.Scarified, TreatmentFactor.Soaked],
                    effect.Factors[0].Factor
                );
                var truth = batches.Average(b => Mean(Logit(b, which, effect.To)) - Mean(Logit(b, which, effect.From)));
                told++;
                held += truth >= effect.Low && truth <= effect.High ? 1 : 0;
                error += effect.Difference - truth;
                if (which == 2)
                    (nothing, accused) = (nothing + 1, accused + (effect.Low > 0 || effect.High < 0 ? 1 : 0));
            }
        }
        return ((double)held / told, error / told, (double)accused / nothing, told);
    }

    private static double Mean(double logit) => 1 / (1 + Math.Exp(-logit));

    private static double Logit(TreatedBatch batch, int which, double instead)
    {
        double[] had = [batch.Had[TreatmentFactor.Cold], batch.Had[TreatmentFactor.Scarified], batch.Had[TreatmentFactor.Soaked]];
        had[which] = instead;
        return -1.5 + had.Zip(Truth).Sum(t => t.First * t.Second);
    }

    private static List<TreatedBatch> Batches(Nursery nursery, Random random)
    {
        var lots = Enumerable.Range(0, nursery.Lots).Select(_ => nursery.Spread * Normal.Sample(random, 0, 1)).ToList();
        return
        [
            .. Enumerable
                .Range(0, nursery.Batches)
                .Select(i =>
                {
                    var lot = i % nursery.Lots;
                    var batch = new TreatedBatch(
                        $"{lot}",
                        nursery.Seeds,
                        0,
                        new Dictionary<TreatmentFactor, double>
                        {
                            [TreatmentFactor.Cold] = 30 * random.Next(1, 4),
                            [TreatmentFactor.Scarified] = random.Next(2),
                            [TreatmentFactor.Soaked] = random.Next(2),
                            [TreatmentFactor.Light] = 0,
                            [TreatmentFactor.Outdoors] = 0,
                            [TreatmentFactor.SeedAge] = 1,
                        }
                    );
                    var mean = Mean(Logit(batch, 0, batch.Had[TreatmentFactor.Cold]) + lots[lot]);
                    var size = (1 - nursery.Rho) / Math.Max(nursery.Rho, 1e-9);
                    var share = nursery.Rho > 0 ? Beta.Sample(random, mean * size, (1 - mean) * size) : mean;
                    return batch with { Emerged = Binomial.Sample(random, Math.Clamp(share, 0, 1), nursery.Seeds) };
                }),
        ];
    }

    [Fact]
    public void Nineteen_in_twenty_intervals_hold_the_truth()
    {
        foreach (var nursery in Nurseries.Take(3))
        {
            var (held, bias, accused, told) = Try(nursery, 40, seed: 2);
            Assert.True(told > 80, $"{nursery.Name}: only {told} effects were told");
            // 40 books of up to three effects: 0.95 ± 3 standard errors
            Assert.True(held is > 0.88 and <= 1, $"{nursery.Name}: {held:P1} of the intervals held");
            Assert.InRange(bias, -0.03, 0.03);
            Assert.InRange(accused, 0, 0.15);
        }
    }

    /// <summary>Writes docs/evidence.md where GASSEL_WRITE says so: './gassel evidence'.</summary>
    [Fact]
    public void What_it_rests_on_is_written_where_it_is_asked_for()
    {
        if (Environment.GetEnvironmentVariable("GASSEL_WRITE") is null)
            Assert.Skip("GASSEL_WRITE is not set");
        var rows = Nurseries.Select(n =>
        {
            var (held, bias, accused, told) = Try(n, 200, seed: 26);
            return FormattableString.Invariant($"| {n.Name} | {told} | {held:P1} | {bias * 100:+0.0;−0.0} points | {accused:P1} |");
        });
        Evidence.Write(
            "Which treatments matter",
            $"""
            Made-up books with known truth, 200 of each kind: cold of 30, 60 or 90 days (0.02 a day on the logit), scarifying (1.0) and
            soaking (nothing), drawn by chance for each batch. Intervals of 95 %; a treatment that does nothing should be said to do
            something in 5 %.

            | books | effects told | intervals that hold the truth | mean error | of nothing said to be something |
            |---|---|---|---|---|
            {string.Join('\n', rows)}
            """
        );
    }
}
