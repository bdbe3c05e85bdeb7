using System.Net;

namespace Gassel.Web.Door;

/// <summary>Names under which this machine can be asked for.</summary>
internal static class MachineNames
{
    public static IReadOnlyList<string> All { get; } = Of(Dns.GetHostName());

    /// <summary>The bare name, and with the ending under which devices of a local network announce themselves (RFC 6762).</summary>
    internal static IReadOnlyList<string> Of(string host)
    {
        var bare = host.Split('.')[0];
        return Uri.CheckHostName(bare) == UriHostNameType.Dns
            ? [.. new[] { "localhost", bare, $"{bare}.local" }.Distinct()]
            : ["localhost"];
    }
}
