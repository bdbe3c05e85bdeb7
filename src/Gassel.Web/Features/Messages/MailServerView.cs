using Gassel.Data.Rows;

namespace Gassel.Web.Features.Messages;

/// <summary>The mail server, without its password.</summary>
/// <param name="HasPassword">One is kept.</param>
public sealed record MailServerView(string Host, int Port, MailSecurity Security, string? User, bool HasPassword, string From);
