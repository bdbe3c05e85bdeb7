using System.IO.Compression;
using System.Text.Json.Nodes;

namespace Gassel.Bench;

/// <summary>JavaScript that a browser loads before the first view: the entry, the view, and all that they import.</summary>
internal static class SizeBench
{
    public static void Run(string root)
    {
        var ui = Path.Combine(root, "artifacts", "ui");
        var manifest = JsonNode.Parse(File.ReadAllText(Path.Combine(ui, "manifest.json")))!.AsObject();
        var needed = new HashSet<string>();
        void Need(string chunk)
        {
            if (!needed.Add(chunk))
                return;
            foreach (var import in manifest[chunk]!["imports"]?.AsArray() ?? [])
                Need(import!.GetValue<string>());
        }
        Need("index.html");
        Need("src/features/rounds/Rounds.tsx");
        var sizes = needed
            .Select(c => manifest[c]!["file"]!.GetValue<string>())
            .Where(f => f.EndsWith(".js", StringComparison.Ordinal))
            .Select(f => Gzipped(Path.Combine(ui, f)))
            .ToList();
        Console.WriteLine(
            $"JavaScript before the first view: {sizes.Sum() / 1000.0:0.0} kB gzipped in {sizes.Count} files (aim under 200)"
        );
    }

    private static long Gzipped(string file)
    {
        using var packed = new MemoryStream();
        using (var gzip = new GZipStream(packed, CompressionLevel.Optimal, leaveOpen: true))
            gzip.Write(File.ReadAllBytes(file));
        return packed.Length;
    }
}
