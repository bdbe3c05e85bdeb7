using System.Net;
using System.Net.Security;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;

namespace Gassel.Web.Door;

/// <summary>A certificate with the names it is good for, ready for the handshake.</summary>
internal sealed record ServerCertificate(SslStreamCertificateContext Context, IReadOnlyList<string> Hosts)
{
    /// <summary>By the book's own authority, for the machine as it stands on the network now.</summary>
    public static ServerCertificate By(Authority authority, IReadOnlyList<IPAddress> reachable, DateTimeOffset now)
    {
        var certificate = authority.Issue(MachineNames.All, [.. reachable, IPAddress.Loopback, IPAddress.IPv6Loopback], now);
        return new(
            SslStreamCertificateContext.Create(certificate, null, offline: true),
            [.. reachable.Select(HostOf), .. MachineNames.All.Where(n => n != "localhost")]
        );
    }

    /// <summary>From a file of one's own; a fault is returned as a line for the console.</summary>
    /// <param name="path">PEM with the certificate first and its chain after it, or PKCS #12 without a password.</param>
    /// <param name="keyPath">PEM of the key; null where the key is in the same file.</param>
    public static (ServerCertificate? Certificate, string? Fault) From(string path, string? keyPath)
    {
        try
        {
            var all = new X509Certificate2Collection();
            X509Certificate2 certificate;
            if (Path.GetExtension(path) is ".pfx" or ".p12")
            {
                all = X509CertificateLoader.LoadPkcs12CollectionFromFile(path, null);
                certificate = all.First(c => c.HasPrivateKey);
            }
            else
            {
                all.ImportFromPemFile(path);
                certificate = X509Certificate2.CreateFromPemFile(path, keyPath ?? path);
            }
            if (certificate.NotAfter < DateTime.Now)
                return (null, $"the certificate in {path} ran out on {certificate.NotAfter:yyyy-MM-dd}; give one that is still good.");
            var names = certificate
                .Extensions.OfType<X509SubjectAlternativeNameExtension>()
                .SelectMany(e => e.EnumerateDnsNames().Concat(e.EnumerateIPAddresses().Select(HostOf)))
                .ToList();
            if (names.Count == 0)
                return (null, $"the certificate in {path} names no host; it needs a subject alternative name.");
            return (new(SslStreamCertificateContext.Create(certificate, all, offline: true), names), null);
        }
        catch (Exception unreadable)
            when (unreadable is CryptographicException or IOException or UnauthorizedAccessException or InvalidOperationException)
        {
            return (
                null,
                $"the certificate in {path} cannot be read ({unreadable.Message.TrimEnd('.')}); valid is PEM with "
                    + $"certificate and key, or with --key FILE, or a .pfx without a password."
            );
        }
    }

    /// <summary>As it stands in an address: IPv6 in brackets.</summary>
    private static string HostOf(IPAddress address) =>
        address.AddressFamily == System.Net.Sockets.AddressFamily.InterNetworkV6 ? $"[{address}]" : address.ToString();
}
