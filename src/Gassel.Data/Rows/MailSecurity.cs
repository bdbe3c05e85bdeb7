using Gassel.Core;

namespace Gassel.Data.Rows;

/// <summary>How a mail server is reached.</summary>
public enum MailSecurity
{
    /// <summary>Begins in the clear and goes over to TLS before anything is said (port 587).</summary>
    [Words("STARTTLS (port 587)")]
    StartTls,

    /// <summary>TLS from the first byte (port 465).</summary>
    [Words("TLS (port 465)")]
    Tls,

    /// <summary>In the clear; for a server on this machine.</summary>
    [Words("none, this computer only")]
    None,
}
