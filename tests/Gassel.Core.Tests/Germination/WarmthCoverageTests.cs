using Gassel.Core.Climate;
using Gassel.Core.Germination;
using MathNet.Numerics.Distributions;

namespace Gassel.Core.Tests.Germination;

/// <summary>Made-up species with a known base and thermal time: how often what is told of the next sowing holds.</summary>
public class WarmthCoverageTests
{
    /// <param name="Apart">Temperatures differ so much from sowing to sowing, K.</param>
    /// <param name="Spread">Of sowings, on the logarithm of thermal time.</param>
    internal sealed record Kind(string Name, int Sowings, int Seedlings, double Apart, double Spread);

    internal static readonly Kind[] Kinds =
    [
        new("3 sowings, all about 16 °C", 3, 25, 0.5, 0.1),
        new("5 sowings, 12 to 20 °C", 5, 25, 4, 0.1),
        new("10 sowings, 12 to 20 °C", 10, 40, 4, 0.15),
        new("20 sowings, 12 to 20 °C, much apart", 20, 40, 4, 0.3),
    ];

    /// <param name="Held">Share of next sowings of which the true half lay in the days told.</param>
    /// <param name="BaseHeld">Share of intervals of the base that hold it.</param>
    /// <param name="Miss">Mean days between the day told and the true one.</param>
    /// <param name="RouteMiss">The same of the usual day of the route.</param>
    internal readonly record struct Outcome(double Held, double BaseHeld, double Miss, double RouteMiss);

    /// <summary>Base and half are drawn about the prior, as wide as it says that they may be.</summary>
    internal static Outcome Try(Kind kind, int species, int seed)
    {
        var random = new Random(seed);
        var prior = WarmthFitTests.Prior;
        var (held, baseHeld, miss, routeMiss) = (0, 0, 0.0, 0.0);
        for (var i = 0; i < species; i++)
        {
            var rate = prior.Rate with { BaseC = Math.Min(10, Normal.Sample(random, prior.Rate.BaseC, WarmthPrior.BaseSd)) };
            var half = Math.Exp(Normal.Sample(random, prior.LogHalf, 0.4));
            var shape = Math.Exp(Normal.Sample(random, prior.LogShape, 0.4));
            var learned = WarmthFit.Fit([.. Enumerable.Range(0, kind.Sowings).Select(n => Made(n, Next()).Sowing)], prior)!;
            var (next, truth) = Made(99, Next());
            var told = learned.Over(next)!.Value;
            held += truth >= told.Low && truth <= told.High ? 1 : 0;
            baseHeld += rate.BaseC >= learned.Base.LowC && rate.BaseC <= learned.Base.HighC ? 1 : 0;
            miss += Math.Abs(told.Half - truth);
            routeMiss += Math.Abs(WarmthFitTests.RouteDay - truth);

            double Next() => 16 + kind.Apart * (2 * random.NextDouble() - 1);

            (WarmSowing Sowing, double Half) Made(int batch, double middle)
            {
                var need = half * Math.Exp(kind.Spread * Normal.Sample(random, 0, 1));
                var days = Enumerable
                    .Range(0, 120)
                    .Select(d => (Day: new DateOnly(2027, 3, 1).AddDays(d), Mean: middle + 2 * Math.Sin(d / 5.0) + random.NextDouble()))
                    .Select(d => new WholeDay(d.Day, d.Mean - 2, d.Mean + 2))
                    .ToList();
                var sums = new WarmSowing(batch, WarmthFitTests.RouteDay, days, []).Sums(rate);
                double DayOf(double sum) =>
                    Array.FindIndex(sums, s => s >= sum) is > 0 and var to
                        ? to - 1 + (sum - sums[to - 1]) / (sums[to] - sums[to - 1])
                        : 120;
                var ups = Enumerable
                    .Range(0, kind.Seedlings)
                    .Select(_ => random.NextDouble())
                    .Select(u => DayOf(need * Math.Pow(u / (1 - u), 1 / shape)))
                    .ToList();
                // looked at every two to five days, for ten weeks
                List<SeedlingCount> counts = [];
                for (var (before, on) = (0, 5); on <= 70; (before, on) = (on, on + random.Next(2, 6)))
                    counts.Add(new(on, ups.Count(d => d > before && d <= on)));
                return (new(batch, WarmthFitTests.RouteDay, days, counts), DayOf(need));
            }
        }
        return new((double)held / species, (double)baseHeld / species, miss / species, routeMiss / species);
    }

    [Fact]
    public void Nine_in_ten_sowings_come_up_within_the_days_told()
    {
        foreach (var kind in Kinds.Take(3))
        {
            var outcome = Try(kind, 60, seed: 7);
            // 60 species: 0.9 ± 3 standard errors
            Assert.True(outcome.Held > 0.78, $"{kind.Name}: {outcome}");
            Assert.True(outcome.BaseHeld > 0.78, $"{kind.Name}: {outcome}");
            Assert.True(outcome.Miss < outcome.RouteMiss, $"{kind.Name}: {outcome}");
        }
    }

    /// <summary>Writes docs/evidence.md where GASSEL_WRITE says so: './gassel evidence'.</summary>
    [Fact]
    public void What_it_rests_on_is_written_where_it_is_asked_for()
    {
        if (Environment.GetEnvironmentVariable("GASSEL_WRITE") is null)
            Assert.Skip("GASSEL_WRITE is not set");
        var rows = Kinds.Select(k =>
        {
            var (held, baseHeld, miss, routeMiss) = Try(k, 300, seed: 26);
            return FormattableString.Invariant($"| {k.Name} | {held:P1} | {baseHeld:P1} | {miss:0.0} days | {routeMiss:0.0} days |");
        });
        Evidence.Write(
            "Coming up by warmth",
            $"""
            Made-up species with a known base and thermal time, 300 of each kind, drawn about the days of the route, the base as wide as the
            prior says that it may be; temperatures swing by day and from week to week, counted every two to five days. A next sowing is
            told from the earlier ones. Intervals of 90 %.

            | earlier sowings | half up within the days told | base within its interval | missed by warmth | by the day of the route |
            |---|---|---|---|---|
            {string.Join('\n', rows)}
            """
        );
    }
}
