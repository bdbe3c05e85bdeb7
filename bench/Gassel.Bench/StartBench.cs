namespace Gassel.Bench;

/// <summary>Start of the built program to its first answer, on a migrated file, in turn with the bare one.</summary>
internal static class StartBench
{
    private const int Runs = 9;

    public static async Task Run(string root, string ground)
    {
        var folder = Directory.CreateTempSubdirectory("gassel-bench-").FullName;
        var program = Path.Combine(root, "artifacts", "gassel", "Gassel.Web.dll");
        var (ours, bare) = (new List<double>(), new List<double>());
        // the first run of each makes the file and is not counted
        for (var run = 0; run <= Runs; run++)
        {
            using (var served = await Served.Launch("/api/site", port => [program, "--port", $"{port}", "--data", folder]))
            {
                if (run > 0)
                    ours.Add(served.Start.TotalMilliseconds);
            }
            using (var served = await Served.Launch("/", port => [ground, $"{port}", Path.Combine(folder, "ground.db")]))
            {
                if (run > 0)
                    bare.Add(served.Start.TotalMilliseconds);
            }
        }
        Directory.Delete(folder, recursive: true);
        var (a, b) = (Middle.Of(ours), Middle.Of(bare));
        Console.WriteLine(
            $"start to first answer: Gassel {a:0} ms ({ours.Min():0}–{ours.Max():0}), bare EF Core {b:0} ms "
                + $"({bare.Min():0}–{bare.Max():0}), ratio {a / b:0.00} (aim under 1.30)"
        );
    }
}
