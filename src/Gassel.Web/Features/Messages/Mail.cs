using System.Net;
using Gassel.Data.Rows;
using MailKit.Net.Smtp;
using MailKit.Security;
using MimeKit;

namespace Gassel.Web.Features.Messages;

/// <summary>One message to one server: plain text, and simple HTML from the same words.</summary>
internal static class Mail
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(20);

    /// <exception cref="IOException">The server could not be reached, nor what MailKit throws where it refuses.</exception>
    public static async Task Send(MailServerRow server, string to, string subject, string text, CancellationToken cancel)
    {
        using var message = new MimeMessage();
        message.From.Add(MailboxAddress.Parse(server.From));
        message.To.Add(MailboxAddress.Parse(to));
        message.Subject = subject;
        message.Body = new BodyBuilder { TextBody = text, HtmlBody = Html(text) }.ToMessageBody();
        using var client = new SmtpClient { Timeout = (int)Patience.TotalMilliseconds };
        await client.ConnectAsync(
            server.Host,
            server.Port,
            server.Security switch
            {
                MailSecurity.Tls => SecureSocketOptions.SslOnConnect,
                MailSecurity.StartTls => SecureSocketOptions.StartTls,
                _ => SecureSocketOptions.None,
            },
            cancel
        );
        if (server.User is { Length: > 0 } user)
            await client.AuthenticateAsync(user, server.Password ?? "", cancel);
        await client.SendAsync(message, cancel);
        await client.DisconnectAsync(true, cancel);
    }

    /// <summary>Each line a paragraph; an address of its own is a link.</summary>
    internal static string Html(string text) =>
        string.Join(
            '\n',
            text.Split('\n', StringSplitOptions.RemoveEmptyEntries)
                .Select(line =>
                    Uri.TryCreate(line, UriKind.Absolute, out var link) && link.Scheme is "http" or "https"
                        ? $"<p><a href=\"{WebUtility.HtmlEncode(line)}\">{WebUtility.HtmlEncode(line)}</a></p>"
                        : $"<p>{WebUtility.HtmlEncode(line)}</p>"
                )
        );
}
