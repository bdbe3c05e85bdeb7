using System.Net.Mail;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Messages;

/// <summary>What somebody wants to be told.</summary>
/// <param name="MorningAt">Hour of the morning list; null for none.</param>
/// <param name="QuietFrom">Beginning of quiet hours; both or neither.</param>
public sealed record MessageWish(
    string Name,
    string Mail,
    bool Alarms,
    TimeOnly? MorningAt = null,
    TimeOnly? QuietFrom = null,
    TimeOnly? QuietTo = null
)
{
    internal Refusal? Check() =>
        Limits.Text("name", Name, 40)
        ?? (
            MailAddress.TryCreate(Mail, out _)
                ? null
                : new Refusal("mail", $"mail was '{Mail}'; valid is an e-mail address such as odila@example.org.")
        )
        ?? (
            QuietFrom is null == QuietTo is null ? null : new Refusal("quietTo", "Quiet hours need both quietFrom and quietTo, or neither.")
        )
        ?? (Alarms || MorningAt is not null ? null : new Refusal("alarms", "Choose alarms, a morning list, or both."));
}
