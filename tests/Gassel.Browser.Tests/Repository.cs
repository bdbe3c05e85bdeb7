namespace Gassel.Browser.Tests;

/// <summary>Files of the checkout that the tests read.</summary>
internal static class Repository
{
    public static string File(string path)
    {
        for (var folder = new DirectoryInfo(AppContext.BaseDirectory); folder is not null; folder = folder.Parent)
        {
            var file = Path.Combine(folder.FullName, path);
            if (System.IO.File.Exists(file))
                return file;
        }
        throw new FileNotFoundException($"{path} is not installed; run npm ci in src/gassel-ui.");
    }
}
