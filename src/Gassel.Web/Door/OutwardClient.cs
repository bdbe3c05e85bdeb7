using System.Net;
using System.Net.Http.Headers;
using System.Net.Sockets;
using System.Text;

namespace Gassel.Web.Door;

/// <summary>
/// Asks and tells addresses that people type in. None of them can make this program knock at doors of the machine or of its network:
/// private addresses are refused as they are resolved, unless the owner allowed the host; redirects stay within https.
/// </summary>
internal static class OutwardClient
{
    public static readonly TimeSpan Patience = TimeSpan.FromSeconds(10);

    public const int MostBytes = 1_000_000;

    private const int MostRedirects = 3;

    /// <summary>
    /// Ranges beside <see cref="LocalAddresses.PrivateRanges"/> that are no address of anybody in the open internet: RFC 6890.
    /// </summary>
    private static readonly IReadOnlyList<IPNetwork> Nobodys =
    [
        IPNetwork.Parse("0.0.0.0/8"),
        IPNetwork.Parse("100.64.0.0/10"),
        IPNetwork.Parse("192.0.0.0/24"),
        IPNetwork.Parse("198.18.0.0/15"),
        IPNetwork.Parse("224.0.0.0/3"),
        IPNetwork.Parse("::/128"),
        IPNetwork.Parse("ff00::/8"),
    ];

    /// <param name="request">Of the first question; sent on with its headers where the host stays the same.</param>
    /// <param name="allowPrivate">True where the owner said so for this address.</param>
    /// <returns>Body of the answer, and what the status line said.</returns>
    /// <exception cref="OutwardException">In words that can be shown: not reached, too slow, too long, refused, or no success.</exception>
    public static async Task<string> Send(HttpRequestMessage request, bool allowPrivate, CancellationToken cancel)
    {
        using var patience = CancellationTokenSource.CreateLinkedTokenSource(cancel);
        patience.CancelAfter(Patience);
        try
        {
            using var handler = Handler(allowPrivate ? request.RequestUri!.Host : null);
            using var client = new HttpClient(handler) { Timeout = Timeout.InfiniteTimeSpan };
            return await Follow(client, request, patience.Token);
        }
        catch (OperationCanceledException) when (!cancel.IsCancellationRequested)
        {
            throw new OutwardException(Core.Text.Of($"no answer within {Patience.TotalSeconds} seconds"));
        }
        catch (HttpRequestException failed)
        {
            throw new OutwardException(failed.InnerException is OutwardException refused ? refused.Message : failed.Message);
        }
        catch (IOException failed)
        {
            throw new OutwardException(failed.Message);
        }
    }

    private static async Task<string> Follow(HttpClient client, HttpRequestMessage request, CancellationToken cancel)
    {
        var asked = request;
        for (var i = 0; ; i++)
        {
            using var answer = await client.SendAsync(asked, HttpCompletionOption.ResponseHeadersRead, cancel);
            if ((int)answer.StatusCode is < 300 or > 399 || answer.Headers.Location is not { } location)
            {
                var body = await Body(answer.Content, cancel);
                return answer.IsSuccessStatusCode
                    ? body
                    : throw new OutwardException(Core.Text.Of($"it answered {(int)answer.StatusCode} {answer.ReasonPhrase}"));
            }
            var next = new Uri(asked.RequestUri!, location);
            if (i == MostRedirects)
                throw new OutwardException(Core.Text.Of($"it sends on more than {MostRedirects} times"));
            if (request.Method != HttpMethod.Get || next.Scheme != "https" || asked.RequestUri!.Scheme != "https")
                throw new OutwardException($"it sends on to {next.GetLeftPart(UriPartial.Path)}; that is followed within https only");
            var on = new HttpRequestMessage(HttpMethod.Get, next);
            // a key is for the host that it was given for
            if (next.Host == request.RequestUri!.Host)
                Copy(request.Headers, on.Headers);
            asked = on;
        }
    }

    private static void Copy(HttpRequestHeaders from, HttpRequestHeaders to)
    {
        foreach (var (name, values) in from)
            to.TryAddWithoutValidation(name, values);
    }

    private static async Task<string> Body(HttpContent content, CancellationToken cancel)
    {
        await using var stream = await content.ReadAsStreamAsync(cancel);
        using var kept = new MemoryStream();
        var buffer = new byte[16_384];
        while (await stream.ReadAsync(buffer, cancel) is > 0 and var read)
        {
            if (kept.Length + read > MostBytes)
                throw new OutwardException(Core.Text.Of($"the answer is longer than {MostBytes / 1_000_000} MB"));
            kept.Write(buffer, 0, read);
        }
        return Encoding.UTF8.GetString(kept.GetBuffer(), 0, (int)kept.Length);
    }

    private static SocketsHttpHandler Handler(string? allowedHost) =>
        new()
        {
            AllowAutoRedirect = false,
            UseCookies = false,
            UseProxy = false,
            AutomaticDecompression = DecompressionMethods.All,
            ConnectCallback = (context, cancel) => Connect(context.DnsEndPoint, context.DnsEndPoint.Host == allowedHost, cancel),
        };

    private static async ValueTask<Stream> Connect(DnsEndPoint to, bool allowed, CancellationToken cancel)
    {
        var addresses = await Dns.GetHostAddressesAsync(to.Host, cancel);
        var open = addresses.Where(a => allowed || IsPublic(a)).ToArray();
        if (open.Length == 0)
            throw new OutwardException(
                addresses.Length == 0
                    ? $"{to.Host} is not known"
                    : $"{to.Host} stands in a private network; the owner can allow it for this address"
            );
        var socket = new Socket(SocketType.Stream, ProtocolType.Tcp) { NoDelay = true };
        try
        {
            await socket.ConnectAsync(open, to.Port, cancel);
            return new NetworkStream(socket, ownsSocket: true);
        }
        catch
        {
            socket.Dispose();
            throw;
        }
    }

    /// <summary>Whether an address is somebody's in the open internet.</summary>
    internal static bool IsPublic(IPAddress address)
    {
        var plain = address.IsIPv4MappedToIPv6 ? address.MapToIPv4() : address;
        return !LocalAddresses.PrivateRanges.Concat(Nobodys).Any(range => range.Contains(plain));
    }
}
