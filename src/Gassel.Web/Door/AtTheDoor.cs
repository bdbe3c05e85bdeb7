using System.Buffers;
using System.Net;
using System.Text;
using Microsoft.AspNetCore.Connections;

namespace Gassel.Web.Door;

/// <summary>
/// Looks at a connection before anything is read as TLS. Askers from beyond the local network are shut out, whatever they say; who asks in
/// plain HTTP is told the address with TLS.
/// </summary>
internal static class AtTheDoor
{
    /// <summary>First byte of a TLS handshake (RFC 8446 §5.1).</summary>
    private const byte Handshake = 0x16;

    /// <summary>More than any browser's request line and host header need.</summary>
    private const int MostRead = 8192;

    /// <summary>Whoever says nothing for so long is not waited for; as long as the handshake after it may take.</summary>
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(10);

    public static ConnectionDelegate Look(ConnectionDelegate next) =>
        async connection =>
        {
            if (connection.RemoteEndPoint is not IPEndPoint asker || !LocalAddresses.IsNear(asker.Address))
                return;
            if (await SpeaksTls(connection))
                await next(connection);
        };

    /// <summary>True where a handshake begins, of which nothing is taken; else the asker has had an answer, or said nothing.</summary>
    private static async Task<bool> SpeaksTls(ConnectionContext connection)
    {
        using var patience = CancellationTokenSource.CreateLinkedTokenSource(connection.ConnectionClosed);
        patience.CancelAfter(Patience);
        try
        {
            var input = connection.Transport.Input;
            var read = await input.ReadAsync(patience.Token);
            if (read.Buffer.IsEmpty)
                return false;
            if (read.Buffer.FirstSpan[0] == Handshake)
            {
                input.AdvanceTo(read.Buffer.Start);
                return true;
            }
            await SendToTls(connection, read, patience.Token);
        }
        catch (OperationCanceledException)
        {
            // gone, or silent for too long
        }
        return false;
    }

    private static async Task SendToTls(ConnectionContext connection, System.IO.Pipelines.ReadResult read, CancellationToken patience)
    {
        var input = connection.Transport.Input;
        while (!read.IsCompleted && read.Buffer.Length < MostRead && Host(read.Buffer) is null)
        {
            input.AdvanceTo(read.Buffer.Start, read.Buffer.End);
            read = await input.ReadAsync(patience);
        }
        var answer = Answer(Host(read.Buffer), Target(read.Buffer));
        input.AdvanceTo(read.Buffer.End);
        await connection.Transport.Output.WriteAsync(Encoding.ASCII.GetBytes(answer), patience);
        await connection.Transport.Output.CompleteAsync();
    }

    private static string Answer(string? host, string target) =>
        host is null
            ? "HTTP/1.1 400 Bad Request\r\nContent-Length: 0\r\nConnection: close\r\n\r\n"
            : $"HTTP/1.1 308 Permanent Redirect\r\nLocation: https://{host}{target}\r\nCache-Control: "
                + $"no-store\r\nContent-Length: 0\r\nConnection: close\r\n\r\n";

    private static string Target(ReadOnlySequence<byte> head) =>
        Lines(head)[0].Split(' ') is [_, ['/', ..] target, _] && target.All(c => c is > ' ' and < (char)127) ? target : "/";

    /// <summary>Null while the line has not come, or is no host and port.</summary>
    private static string? Host(ReadOnlySequence<byte> head) =>
        Lines(head)
            .SkipLast(1)
            .Where(line => line.StartsWith("host:", StringComparison.OrdinalIgnoreCase))
            .Select(line => line[5..].Trim())
            .FirstOrDefault(host => host.Length > 0 && host.All(c => char.IsAsciiLetterOrDigit(c) || c is '.' or '-' or ':' or '[' or ']'));

    private static string[] Lines(ReadOnlySequence<byte> head) => Encoding.ASCII.GetString(head).Split("\r\n");
}
