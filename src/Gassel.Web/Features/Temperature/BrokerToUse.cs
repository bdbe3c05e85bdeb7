using Gassel.Web.Problems;

namespace Gassel.Web.Features.Temperature;

/// <summary>The MQTT broker that thermometers send through.</summary>
/// <param name="User">Null where it wants no sign-in.</param>
/// <param name="Password">Null keeps the one that is kept for the host.</param>
public sealed record BrokerToUse(string Host, int Port, bool Tls = false, string? User = null, string? Password = null)
{
    internal Refusal? Check() =>
        Limits.Text("host", Host, 253)
        ?? (
            Uri.CheckHostName(Host.Trim()) == UriHostNameType.Unknown
                ? new Refusal("host", $"host was '{Host}'; valid is a name or an address such as hub.local or 192.168.1.20.")
                : null
        )
        ?? Limits.Whole("port", Port, 1, 65535)
        ?? Limits.Text("user", User, 200, required: false)
        ?? Limits.Text("password", Password, 1000, required: false);
}
