using System.Net.Mail;
using Gassel.Data.Rows;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Messages;

/// <param name="User">Null where the server wants no sign-in.</param>
/// <param name="Password">Null to keep the one there is.</param>
/// <param name="From">Address that the messages come from.</param>
public sealed record MailServerToUse(
    string Host,
    int Port,
    MailSecurity Security,
    string From,
    string? User = null,
    string? Password = null
)
{
    internal Refusal? Check() =>
        Limits.Text("host", Host, 253)
        ?? Limits.Whole("port", Port, 1, 65535)
        ?? Limits.Text("user", User, 254, false)
        ?? Limits.Text("password", Password, 500, false)
        ?? (
            MailAddress.TryCreate(From, out _)
                ? null
                : new Refusal("from", $"from was '{From}'; valid is an e-mail address such as gassel@example.org.")
        )
        ?? (
            Security == MailSecurity.None && User is not null && Host is not ("localhost" or "127.0.0.1" or "::1")
                ? new Refusal("security", "A password is not sent in the clear to another machine; choose startTls or tls.")
                : null
        );
}
