using System.Diagnostics;
using System.Globalization;
using Gassel.Core.Germination;
using MathNet.Numerics.Distributions;

namespace Gassel.Bench;

/// <summary>
/// All indices, both intervals and the fitted curve of ten thousand sowings of twenty counts, beside the same in GNU R where it is
/// installed.
/// </summary>
internal static class GerminationBench
{
    private const int Batches = 10_000;
    private const int Counts = 20;
    private const int Rounds = 5;

    /// <summary>R is slow enough that a part of them tells its pace.</summary>
    private const int InR = 300;

    public static void Run(string root)
    {
        var sowings = Make();
        var times = new List<double>();
        var (fitted, sum) = (0, 0.0);
        for (var round = 0; round <= Rounds; round++)
        {
            var clock = Stopwatch.GetTimestamp();
            var curves = new EmergenceCurve?[Batches];
            Parallel.For(0, Batches, i =>
            {
                var (sown, counts) = sowings[i];
                var emerged = counts.Sum(c => c.Emerged);
                var indices = GerminationIndices.From(sown, counts);
                var (wilson, exact) = (Proportion.Wilson(emerged, sown, 0.95), Proportion.Exact(emerged, sown, 0.95));
                if (indices.Speed < 0 || wilson.Low > exact.High)
                    throw new InvalidOperationException("no result");
                curves[i] = EmergenceCurveFit.Fit(sown, counts).Curve;
            });
            if (round > 0)
                times.Add(Stopwatch.GetElapsedTime(clock).TotalSeconds);
            (fitted, sum) = (curves.Count(c => c is not null), curves.Take(InR).Sum(c => c?.LogLikelihood ?? 0));
        }
        var pace = Batches / Middle.Of(times);
        Console.WriteLine(
            $"indices, intervals and curve of {Batches:N0} sowings of {Counts} counts: {1000 * Middle.Of(times):0} ms, "
                + $"{pace:N0} a second on {Environment.ProcessorCount} processors; {fitted:N0} have a curve"
        );
        if (InGnuR(root, sowings.Take(InR)) is not { } r)
        {
            Console.WriteLine("GNU R is not installed: not compared");
            return;
        }
        Console.WriteLine(
            $"the same in GNU R, {InR} of them: {r.Pace:N0} a second; ratio {pace / r.Pace:0.0} (aim 20); sum of "
                + $"log-likelihoods {sum:0.00} here, {r.Sum:0.00} there"
        );
    }

    private static List<(int Sown, SeedlingCount[] Counts)> Make()
    {
        var random = new Random(1127);
        return
        [
            .. Enumerable
                .Range(0, Batches)
                .Select(_ =>
                {
                    var (sown, curve) = (
                        random.Next(40, 120),
                        new EmergenceCurve(
                            0.3 + (0.6 * random.NextDouble()),
                            8 + (12 * random.NextDouble()),
                            3 + (7 * random.NextDouble()),
                            0,
                            false
                        )
                    );
                    var (left, before) = (sown, 0.0);
                    var counts = Enumerable
                        .Range(1, Counts)
                        .Select(n =>
                        {
                            var reached = curve.At(2 * n);
                            var up = left == 0 ? 0 : Binomial.Sample(random, Math.Clamp((reached - before) / (1 - before), 0, 1), left);
                            (left, before) = (left - up, reached);
                            return new SeedlingCount(2 * n, up);
                        })
                        .ToArray();
                    return (sown, counts);
                }),
        ];
    }

    private static (double Pace, double Sum)? InGnuR(string root, IEnumerable<(int Sown, SeedlingCount[] Counts)> sowings)
    {
        var file = Path.GetTempFileName();
        try
        {
            File.WriteAllLines(file, sowings.Select(s => string.Join(',', s.Counts.Select(c => c.Emerged).Prepend(s.Sown))));
            using var process = Process.Start(
                new ProcessStartInfo("Rscript", ["--vanilla", Path.Combine(root, "bench", "Gassel.Bench", "germination.R"), file])
                {
                    RedirectStandardOutput = true,
                }
            )!;
            var said = process.StandardOutput.ReadToEnd().Split(' ', StringSplitOptions.RemoveEmptyEntries);
            process.WaitForExit();
            return (double.Parse(said[0], CultureInfo.InvariantCulture), double.Parse(said[1], CultureInfo.InvariantCulture));
        }
        catch (System.ComponentModel.Win32Exception)
        {
            return null;
        }
        finally
        {
            File.Delete(file);
        }
    }
}
