using Gassel.Web.Hosting;
using Gassel.Web.Runtime;

namespace Gassel.Web.Tests;

/// <summary>
/// The file of a book just begun, written once by the program; every test begins with a copy of it. That a folder without one gets it is
/// seen by the tests that start the program themselves.
/// </summary>
internal static class EmptyBook
{
    private const string Name = "gassel.db";

    private static readonly Lazy<byte[]> Begun = new(Begin);

    /// <summary>Lays it into a folder that has no book.</summary>
    public static void Lay(string folder)
    {
        var path = Path.Combine(folder, Name);
        if (!File.Exists(path))
            File.WriteAllBytes(path, Begun.Value);
    }

    private static byte[] Begin()
    {
        var folder = Directory.CreateTempSubdirectory("gassel-empty-").FullName;
        var app = GasselHost.Build(new Launch(0, folder, Demo: false), TimeProvider.System);
        app.StartAsync().GetAwaiter().GetResult();
        ((IDisposable)app).Dispose();
        var book = File.ReadAllBytes(Path.Combine(folder, Name));
        Directory.Delete(folder, recursive: true);
        return book;
    }
}
