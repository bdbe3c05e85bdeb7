namespace Gassel.Web.Features.Messages;

/// <param name="Reason">Why it was sent.</param>
/// <param name="SentAt">Null while it waits.</param>
/// <param name="IsGivenUp">Tried often enough: it is not sent any more.</param>
/// <param name="Fault">Why the last try failed; null where it did not.</param>
public sealed record SentMessage(
    int Id,
    string Mail,
    string Subject,
    string Text,
    string Reason,
    DateTimeOffset MadeAt,
    DateTimeOffset? SentAt,
    int Tries,
    bool IsGivenUp,
    string? Fault
);
