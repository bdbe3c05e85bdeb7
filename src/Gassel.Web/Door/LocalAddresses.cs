using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;

namespace Gassel.Web.Door;

/// <summary>The addresses of this machine, and which askers stand on the same local network.</summary>
internal static class LocalAddresses
{
    /// <summary>
    /// Ranges that no router carries into the open internet: RFC 1918, RFC 4193, RFC 3927, RFC 4291 §2.5.6, and this machine itself.
    /// </summary>
    public static readonly IReadOnlyList<IPNetwork> PrivateRanges =
    [
        IPNetwork.Parse("10.0.0.0/8"),
        IPNetwork.Parse("172.16.0.0/12"),
        IPNetwork.Parse("192.168.0.0/16"),
        IPNetwork.Parse("169.254.0.0/16"),
        IPNetwork.Parse("127.0.0.0/8"),
        IPNetwork.Parse("fc00::/7"),
        IPNetwork.Parse("fe80::/10"),
        IPNetwork.Parse("::1/128"),
    ];

    /// <summary>What a phone can be sent to: no loopback and no link-local address. IPv4 first, as the shorter to type.</summary>
    public static IReadOnlyList<IPAddress> Reachable() =>
        [
            .. Own()
                .Select(a => a.Address)
                .Where(a => !IPAddress.IsLoopback(a) && !a.IsIPv6LinkLocal && !IPNetwork.Parse("169.254.0.0/16").Contains(a))
                .OrderBy(a => a.AddressFamily == AddressFamily.InterNetwork ? 0 : 1),
        ];

    /// <summary>True for a private address, and for one on the same link as an address of this machine.</summary>
    public static bool IsNear(IPAddress asker)
    {
        var plain = asker.IsIPv4MappedToIPv6 ? asker.MapToIPv4() : asker;
        return PrivateRanges.Any(range => range.Contains(plain))
            || Own().Any(own => own.Address.AddressFamily == plain.AddressFamily && Link(own).Contains(plain));
    }

    private static IPNetwork Link(UnicastIPAddressInformation own)
    {
        var bytes = own.Address.GetAddressBytes();
        for (var bit = own.PrefixLength; bit < bytes.Length * 8; bit++)
            bytes[bit / 8] &= (byte)~(0x80 >> (bit % 8));
        return new(new IPAddress(bytes), own.PrefixLength);
    }

    private static IEnumerable<UnicastIPAddressInformation> Own() =>
        NetworkInterface
            .GetAllNetworkInterfaces()
            .Where(i => i.OperationalStatus is OperationalStatus.Up or OperationalStatus.Unknown)
            .SelectMany(i => i.GetIPProperties().UnicastAddresses);
}
