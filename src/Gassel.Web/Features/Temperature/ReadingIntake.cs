using System.Threading.Channels;
using Gassel.Data;
using Gassel.Data.Readings;

namespace Gassel.Web.Features.Temperature;

/// <summary>
/// Keeps what thermometers send. All that waits is written in one turn, so that a hundred of them cost a recording no more than one; who
/// sent is answered once it is on disk.
/// </summary>
internal sealed class ReadingIntake(ReadingBook readings, WriteGate gate) : BackgroundService
{
    /// <summary>Requests in one turn of writing.</summary>
    private const int MostATurn = 500;

    private readonly Channel<Waiting> _queue = Channel.CreateBounded<Waiting>(2000);

    private sealed record Waiting(SentReadings Sent, TaskCompletionSource Kept);

    /// <exception cref="Exception">It could not be written; nothing of it was kept.</exception>
    public async Task Keep(SentReadings sent, CancellationToken cancel)
    {
        var waiting = new Waiting(sent, new(TaskCreationOptions.RunContinuationsAsynchronously));
        await _queue.Writer.WriteAsync(waiting, cancel);
        await waiting.Kept.Task.WaitAsync(cancel);
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        await foreach (var first in _queue.Reader.ReadAllAsync(stoppingToken))
        {
            var turn = new List<Waiting> { first };
            while (turn.Count < MostATurn && _queue.Reader.TryRead(out var next))
                turn.Add(next);
            try
            {
                await readings.Keep([.. turn.Select(w => w.Sent)], gate, stoppingToken);
                turn.ForEach(w => w.Kept.TrySetResult());
            }
            catch (Exception failed)
            {
                // who waits is told; the next turn goes on
                turn.ForEach(w => w.Kept.TrySetException(failed));
            }
        }
    }
}
