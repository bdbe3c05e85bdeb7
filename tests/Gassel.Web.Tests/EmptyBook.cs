using Gassel.Web.Hosting;
using Gassel.Web.Runtime;

namespace Gassel.Web.Tests;

/// <summary>
/// The file of a book just begun, written once by the program; every test begins with a copy of it. That a folder without one gets it is
/// seen by the tests that start the program themselves.
/// </summary>
internal static class EmptyBook
{
    private static readonly Lazy<byte[]> File = new(() =>
    {
        var folder = Directory.CreateTempSubdirectory("gassel-empty-").FullName;
        using (IDisposable app = Begin(folder)) { }
        var book = System.IO.File.ReadAllBytes(Path.Combine(folder, Name));
        Directory.Delete(folder, recursive: true);
        return book;
    });

    private const string Name = "gassel.db";

    /// <summary>Lays it into a folder that has no book.</summary>
    public static void Lay(string folder)
    {
        var path = Path.Combine(folder, Name);
        if (!System.IO.File.Exists(path))
            System.IO.File.WriteAllBytes(path, File.Value);
    }

    private static Microsoft.AspNetCore.Builder.WebApplication Begin(string folder)
    {
        var app = GasselHost.Build(new Launch(0, folder, Demo: false), TimeProvider.System);
        app.StartAsync().GetAwaiter().GetResult();
        return app;
    }
}
