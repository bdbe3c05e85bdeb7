using System.Globalization;
using System.Reflection;

namespace Gassel.Web.Runtime;

/// <summary>How the program was asked to run.</summary>
/// <param name="Port">On this machine alone; 0 lets the system choose.</param>
/// <param name="Lan">True to open the book to the local network.</param>
/// <param name="NetworkPort">On the network, over TLS; 0 lets the system choose.</param>
/// <param name="Certificate">File of a certificate of one's own; null for the book's own authority.</param>
/// <param name="Key">File of its key, where that is another.</param>
/// <param name="Devices">Where the made-up devices of a demo listen; null without any.</param>
/// <param name="OwnerCode">True to make a code for an owner, also where there is one: the password was forgotten.</param>
public sealed record Launch(
    int Port,
    string DataFolder,
    bool Demo,
    bool Lan = false,
    int NetworkPort = 0,
    string? Certificate = null,
    string? Key = null,
    bool OwnerCode = false,
    Uri? Devices = null
)
{
    /// <summary>The book from which a demo was opened; null for one that was started by itself.</summary>
    public Uri? Home { get; init; }

    /// <summary>The usual folder of the system for what programs keep, also where nothing has made it yet.</summary>
    private static string DataHome =>
        Environment.GetFolderPath(Environment.SpecialFolder.LocalApplicationData, Environment.SpecialFolderOption.DoNotVerify);

    /// <summary>All that it can be asked.</summary>
    private const string Usage =
        "Valid are --demo, --data DIR, --port N, --lan, --network-port N, --certificate FILE, --key FILE, --owner-code and --devices "
        + "ADDRESS, or one of backup, restore, export and import with a FILE.";

    /// <summary>True while the build writes the interface description: nothing may touch a disk then.</summary>
    public static bool IsDescribing => Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";

    /// <summary>
    /// Reads <c>--port N --data DIR --demo --lan --network-port N --certificate FILE --key FILE --devices ADDRESS</c>; a fault is
    /// returned as a line for the
    /// console.
    /// </summary>
    public static (Launch? Launch, string? Fault) Read(string[] args)
    {
        var port = 8730;
        int? networkPort = null;
        string? data = null,
            certificate = null,
            key = null;
        Uri? devices = null;
        var (demo, lan, ownerCode) = (false, false, false);
        for (var i = 0; i < args.Length; i++)
        {
            switch (args[i])
            {
                case "--demo":
                    demo = true;
                    break;
                case "--lan":
                    lan = true;
                    break;
                case "--owner-code":
                    ownerCode = true;
                    break;
                case "--port" or "--network-port" when i + 1 < args.Length:
                    var option = args[i];
                    if (!int.TryParse(args[++i], NumberStyles.None, CultureInfo.InvariantCulture, out var number) || number > 65535)
                    {
                        return (null, $"{option} was '{args[i]}'; valid is a number from 0 to 65535.");
                    }
                    if (option == "--port")
                        port = number;
                    else
                        networkPort = number;
                    break;
                case "--certificate" when i + 1 < args.Length:
                    certificate = args[++i];
                    break;
                case "--key" when i + 1 < args.Length:
                    key = args[++i];
                    break;
                case "--devices" when i + 1 < args.Length:
                    if (!Uri.TryCreate(args[++i], UriKind.Absolute, out devices) || devices is not { Scheme: "http", IsLoopback: true })
                        return (null, $"--devices was '{args[i]}'; valid is an address on this machine such as http://localhost:8740.");
                    break;
                case "--data" when i + 1 < args.Length:
                    data = args[++i];
                    break;
                case "--port" or "--network-port" or "--data" or "--certificate" or "--key" or "--devices":
                    return (null, $"{args[i]} needs a value after it.");
                // the build starts it with words of its own
                default:
                    if (IsDescribing)
                        break;
                    return (null, $"There is no '{args[i]}'. {Usage}");
            }
        }
        data ??= Path.Combine(DataHome, "gassel", demo ? "demo" : "book");
        if (key is not null && certificate is null)
            return (null, "--key needs --certificate FILE beside it.");
        return (new(port, data, demo, lan, networkPort ?? (port is 0 or 65535 ? 0 : port + 1), certificate, key, ownerCode, devices), null);
    }
}
