using System.Net;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;

namespace Gassel.Web.Door;

/// <summary>
/// A certificate authority for this book alone. A phone that trusts it trusts the addresses of a local network and nothing else: the
/// authority is bound to them by <see cref="NameConstraints"/>. Its key stays in the data folder.
/// </summary>
internal sealed class Authority
{
    private static readonly TimeSpan Lifetime = TimeSpan.FromDays(3650);

    /// <summary>
    /// Phones take no certificate of a server that runs longer than about thirteen months; this one is made anew long before.
    /// </summary>
    private static readonly TimeSpan ServerLifetime = TimeSpan.FromDays(90);

    /// <summary>Backwards from now, for devices whose clock is behind.</summary>
    private static readonly TimeSpan Grace = TimeSpan.FromDays(2);

    private readonly ECDsa _serverKey;

    private Authority(X509Certificate2 certificate, ECDsa serverKey) => (Certificate, _serverKey) = (certificate, serverKey);

    public X509Certificate2 Certificate { get; }

    /// <summary>SHA-256 of the certificate, in pairs of hexadecimal digits as devices show it.</summary>
    public string Fingerprint =>
        string.Join(
            ':',
            Certificate
                .GetCertHash(HashAlgorithmName.SHA256)
                .Select(b => b.ToString("X2", System.Globalization.CultureInfo.InvariantCulture))
        );

    /// <summary>The authority kept in the folder; made where there is none.</summary>
    public static Authority In(string folder, DateTimeOffset now)
    {
        var (certificate, key, serverKey) = (
            Path.Combine(folder, "authority.crt"),
            Path.Combine(folder, "authority.key"),
            Path.Combine(folder, "server.key")
        );
        if (!File.Exists(certificate) || !File.Exists(key))
        {
            using var made = Make(now);
            PrivateFiles.Write(key, made.GetECDsaPrivateKey()!.ExportPkcs8PrivateKeyPem() + "\n");
            File.WriteAllText(certificate, made.ExportCertificatePem() + "\n");
        }
        return new(X509Certificate2.CreateFromPemFile(certificate, key), ServerKey(serverKey));
    }

    /// <summary>The key stays from start to start, the certificate over it does not.</summary>
    private static ECDsa ServerKey(string path)
    {
        var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        if (File.Exists(path))
            key.ImportFromPem(File.ReadAllText(path));
        else
            PrivateFiles.Write(path, key.ExportPkcs8PrivateKeyPem() + "\n");
        return key;
    }

    /// <summary>A certificate for this machine under its present names and addresses, with its key.</summary>
    public X509Certificate2 Issue(IEnumerable<string> names, IEnumerable<IPAddress> addresses, DateTimeOffset now)
    {
        var request = new CertificateRequest("CN=Gassel", _serverKey, HashAlgorithmName.SHA256);
        var subject = new SubjectAlternativeNameBuilder();
        foreach (var name in names)
            subject.AddDnsName(name);
        foreach (var address in addresses)
            subject.AddIpAddress(address);
        request.CertificateExtensions.Add(subject.Build());
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(false, false, 0, true));
        request.CertificateExtensions.Add(new X509KeyUsageExtension(X509KeyUsageFlags.DigitalSignature, true));
        request.CertificateExtensions.Add(
            new X509EnhancedKeyUsageExtension([new Oid("1.3.6.1.5.5.7.3.1", "server authentication")], false)
        );
        request.CertificateExtensions.Add(X509AuthorityKeyIdentifierExtension.CreateFromCertificate(Certificate, true, false));
        using var bare = request.Create(Certificate, now - Grace, now + ServerLifetime, RandomNumberGenerator.GetBytes(16));
        return bare.CopyWithPrivateKey(_serverKey);
    }

    private static X509Certificate2 Make(DateTimeOffset now)
    {
        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest($"CN=Gassel authority of {Dns.GetHostName()}", key, HashAlgorithmName.SHA256);
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(true, true, 0, true));
        request.CertificateExtensions.Add(new X509KeyUsageExtension(X509KeyUsageFlags.KeyCertSign | X509KeyUsageFlags.CrlSign, true));
        request.CertificateExtensions.Add(new X509SubjectKeyIdentifierExtension(request.PublicKey, false));
        request.CertificateExtensions.Add(
            NameConstraints.To(
                [.. MachineNames.All, "local"],
                [
                    .. LocalAddresses.PrivateRanges,
                    .. LocalAddresses.Reachable().Select(a => new IPNetwork(a, a.GetAddressBytes().Length * 8)),
                ]
            )
        );
        return request.CreateSelfSigned(now - Grace, now + Lifetime);
    }
}
