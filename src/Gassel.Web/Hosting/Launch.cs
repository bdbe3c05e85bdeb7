using System.Globalization;
using System.Reflection;

namespace Gassel.Web.Hosting;

/// <summary>How the program was asked to run.</summary>
/// <param name="Port">0 lets the system choose.</param>
public sealed record Launch(int Port, string DataFolder, bool Demo)
{
    /// <summary>True while the build writes the interface description: nothing may touch a disk then.</summary>
    public static bool IsDescribing => Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";

    /// <summary>Reads <c>--port N --data DIR --demo</c>; a fault is returned as a line for the console.</summary>
    public static (Launch? Launch, string? Fault) Read(string[] args)
    {
        var port = 8730;
        string? data = null;
        var demo = false;
        for (var i = 0; i < args.Length; i++)
        {
            switch (args[i])
            {
                case "--demo":
                    demo = true;
                    break;
                case "--port" when i + 1 < args.Length:
                    if (!int.TryParse(args[++i], NumberStyles.None, CultureInfo.InvariantCulture, out port) || port > 65535)
                    {
                        return (null, $"--port was '{args[i]}'; valid is a number from 0 to 65535.");
                    }
                    break;
                case "--data" when i + 1 < args.Length:
                    data = args[++i];
                    break;
                case "--port" or "--data":
                    return (null, $"{args[i]} needs a value after it.");
            }
        }
        data ??= Path.Combine(Environment.GetFolderPath(Environment.SpecialFolder.LocalApplicationData), "gassel", demo ? "demo" : "book");
        return (new(port, data, demo), null);
    }
}
