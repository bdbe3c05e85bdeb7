using System.Formats.Asn1;
using System.Net;
using System.Security.Cryptography.X509Certificates;

namespace Gassel.Web.Door;

/// <summary>The certificate extension of RFC 5280 §4.2.1.10: an authority that may vouch for these names and addresses alone.</summary>
internal static class NameConstraints
{
    private const string Oid = "2.5.29.30";
    private static readonly Asn1Tag Permitted = new(TagClass.ContextSpecific, 0);
    private static readonly Asn1Tag DnsName = new(TagClass.ContextSpecific, 2);
    private static readonly Asn1Tag IpAddress = new(TagClass.ContextSpecific, 7);

    public static X509Extension To(IEnumerable<string> names, IEnumerable<IPNetwork> ranges)
    {
        var asn = new AsnWriter(AsnEncodingRules.DER);
        using (asn.PushSequence())
        using (asn.PushSequence(Permitted))
        {
            foreach (var name in names)
            {
                using (asn.PushSequence())
                    asn.WriteCharacterString(UniversalTagNumber.IA5String, name, DnsName);
            }
            foreach (var range in ranges)
            {
                var address = range.BaseAddress.GetAddressBytes();
                byte[] mask = [.. address.Select((_, at) => (byte)(0xFF00 >> Math.Clamp(range.PrefixLength - (at * 8), 0, 8)))];
                using (asn.PushSequence())
                    asn.WriteOctetString([.. address, .. mask], IpAddress);
            }
        }
        return new(Oid, asn.Encode(), critical: true);
    }
}
