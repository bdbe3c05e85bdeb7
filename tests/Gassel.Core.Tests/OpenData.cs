namespace Gassel.Core.Tests;

/// <summary>Open data sets that come with the interface's test-only packages.</summary>
internal static class OpenData
{
    public static string Find(string file)
    {
        for (var folder = new DirectoryInfo(AppContext.BaseDirectory); folder is not null; folder = folder.Parent)
        {
            var path = Path.Combine(folder.FullName, "src/gassel-ui/node_modules/vega-datasets/data", file);
            if (File.Exists(path))
                return path;
        }
        throw new FileNotFoundException($"{file} is not there; run npm ci in src/gassel-ui.");
    }
}
