using System.Buffers;
using System.Net;
using System.Net.Sockets;
using System.Threading.Channels;
using MimeKit;
using SmtpServer;
using SmtpServer.ComponentModel;
using SmtpServer.Protocol;
using SmtpServer.Storage;

namespace Gassel.Browser.Tests;

/// <summary>A real SMTP server in this process, which keeps what it is given.</summary>
internal sealed class PostOffice : MessageStore, IDisposable
{
    private readonly CancellationTokenSource _end = new();
    private readonly Channel<string> _subjects = Channel.CreateUnbounded<string>();
    private int _count;

    public PostOffice()
    {
        using (var free = new TcpListener(IPAddress.Loopback, 0))
        {
            free.Start();
            Port = ((IPEndPoint)free.LocalEndpoint).Port;
        }
        var services = new ServiceProvider();
        services.Add(this);
        var options = new SmtpServerOptionsBuilder()
            .ServerName("localhost")
            .Endpoint(e => e.Endpoint(new IPEndPoint(IPAddress.Loopback, Port)))
            .Build();
        _ = new SmtpServer.SmtpServer(options, services).StartAsync(_end.Token);
    }

    public int Port { get; }

    public int Count => _count;

    /// <summary>Subject of the first message; waited for half a minute.</summary>
    public async Task<string> First()
    {
        using var patience = new CancellationTokenSource(TimeSpan.FromSeconds(30));
        return await _subjects.Reader.ReadAsync(patience.Token);
    }

    public override async Task<SmtpResponse> SaveAsync(
        ISessionContext context,
        IMessageTransaction transaction,
        ReadOnlySequence<byte> buffer,
        CancellationToken cancellationToken
    )
    {
        using var stream = new MemoryStream(buffer.ToArray());
        using var message = await MimeMessage.LoadAsync(stream, cancellationToken);
        Interlocked.Increment(ref _count);
        _subjects.Writer.TryWrite(message.Subject ?? "");
        return SmtpResponse.Ok;
    }

    public void Dispose()
    {
        // the server lets go of its store, and so of this, as well
        if (_end.IsCancellationRequested)
            return;
        _end.Cancel();
        _end.Dispose();
    }
}
