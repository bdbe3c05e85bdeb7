using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Gassel.Data.Rows;
using Gassel.Web.Door;

namespace Gassel.Web.Features.Messages;

/// <summary>
/// One message to one address over HTTP, as JSON or as plain text, signed as the open specification Standard Webhooks 1.0.0 has it: an
/// HMAC-SHA256 over id, moment and body, so that the receiver can tell that it came from this book and was not sent before.
/// </summary>
internal static class Hook
{
    /// <exception cref="OutwardException">It was not taken, with the reason.</exception>
    public static async Task Send(MessageWishRow wish, SentMessageRow message, DateTimeOffset now, CancellationToken cancel)
    {
        var (id, body) = ($"msg_{message.Id}", Body(wish, message));
        var at = now.ToUnixTimeSeconds().ToString(CultureInfo.InvariantCulture);
        using var request = new HttpRequestMessage(HttpMethod.Post, wish.Hook)
        {
            Content = new StringContent(body, Encoding.UTF8, wish.HookPlain ? "text/plain" : "application/json"),
        };
        request.Headers.Add("webhook-id", id);
        request.Headers.Add("webhook-timestamp", at);
        request.Headers.Add("webhook-signature", $"v1,{Sign(wish.HookSecret ?? "", id, at, body)}");
        await OutwardClient.Send(request, wish.AllowPrivate, cancel);
    }

    /// <returns>In Base64.</returns>
    internal static string Sign(string secret, string id, string at, string body) =>
        Convert.ToBase64String(HMACSHA256.HashData(Encoding.UTF8.GetBytes(secret), Encoding.UTF8.GetBytes($"{id}.{at}.{body}")));

    private static string Body(MessageWishRow wish, SentMessageRow message)
    {
        if (wish.HookPlain)
            return message.Text;
        var lines = message.Text.Split('\n');
        return JsonSerializer.Serialize(
            new
            {
                type = message.Kind.Length > 0 ? $"alarm.{JsonNamingPolicy.CamelCase.ConvertName(message.Kind)}"
                : message.Key.StartsWith("test:", StringComparison.Ordinal) ? "test"
                : "morning",
                timestamp = DateTimeOffset.FromUnixTimeMilliseconds(message.MadeAt),
                data = new
                {
                    subject = message.Subject,
                    text = string.Join('\n', lines[..^1]),
                    reason = message.Reason,
                    over = message.IsOver,
                    link = lines[^1],
                },
            },
            JsonSerializerOptions.Web
        );
    }
}
