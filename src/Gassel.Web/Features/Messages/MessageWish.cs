using System.Net.Mail;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Messages;

/// <summary>What somebody wants to be told.</summary>
/// <param name="MorningAt">Hour of the morning list; null for none.</param>
/// <param name="Mail">Empty where a hook is told.</param>
/// <param name="Hook">An address that is told instead of one by e-mail; null for e-mail.</param>
/// <param name="QuietFrom">Beginning of quiet hours; both or neither.</param>
public sealed record MessageWish(
    string Name,
    string Mail,
    bool Alarms,
    TimeOnly? MorningAt = null,
    TimeOnly? QuietFrom = null,
    TimeOnly? QuietTo = null,
    MessageHook? Hook = null
)
{
    internal Refusal? Check() =>
        Limits.Text("name", Name, 40)
        ?? (
            Hook is { } hook ? hook.Check()
            : MailAddress.TryCreate(Mail, out _) ? null
            : new Refusal("mail", $"mail was '{Mail}'; valid is an e-mail address such as odila@example.org.")
        )
        ?? (
            QuietFrom is null == QuietTo is null ? null : new Refusal("quietTo", "Quiet hours need both quietFrom and quietTo, or neither.")
        )
        ?? (Alarms || MorningAt is not null ? null : new Refusal("alarms", "Choose alarms, a morning list, or both."));
}
