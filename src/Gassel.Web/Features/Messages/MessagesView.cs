namespace Gassel.Web.Features.Messages;

/// <param name="Server">Null while none is set up.</param>
/// <param name="Sent">The newest first.</param>
public sealed record MessagesView(MailServerView? Server, IReadOnlyList<MessageWishView> Wishes, IReadOnlyList<SentMessage> Sent);
