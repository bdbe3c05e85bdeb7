using System.Collections.Concurrent;
using Gassel.Data;

namespace Gassel.Web.Features.Book;

/// <summary>
/// Computes batch after batch for a view. One that cannot be computed is set aside by itself, named on Rounds and on its own page, and
/// takes no
/// view with it; it is tried again once something more is recorded of it.
/// </summary>
internal sealed partial class SetAside(ILogger<SetAside> log)
{
    private readonly ConcurrentDictionary<Guid, (long Sequence, BatchAside Batch)> _aside = [];

    /// <summary>What is set aside at present, by number.</summary>
    public IReadOnlyList<BatchAside> All => [.. _aside.Values.Select(a => a.Batch).OrderBy(b => b.Number)];

    public IEnumerable<T> Each<T>(IEnumerable<ShelvedBatch> batches, Func<ShelvedBatch, T> compute) => Many<T>(batches, b => [compute(b)]);

    public IEnumerable<T> Many<T>(IEnumerable<ShelvedBatch> batches, Func<ShelvedBatch, IEnumerable<T>> compute)
    {
        foreach (var batch in batches)
        {
            if (_aside.TryGetValue(batch.Row.Id, out var known) && known.Sequence == batch.State.LastSequence)
                continue;
            IReadOnlyList<T> computed;
            try
            {
                computed = [.. compute(batch)];
            }
            catch (Exception failed)
                when (failed
                        is ArgumentException
                            or ArithmeticException
                            or InvalidOperationException
                            or KeyNotFoundException
                            or IndexOutOfRangeException
                )
            {
                Put(batch, failed);
                continue;
            }
            _aside.TryRemove(batch.Row.Id, out _);
            foreach (var one in computed)
                yield return one;
        }
    }

    public void Put(ShelvedBatch batch, Exception failed)
    {
        Uncomputable(log, batch.Row.Number, failed);
        _aside[batch.Row.Id] = (batch.State.LastSequence, new(batch.Row.Id, batch.Row.Number, failed.Message));
    }

    [LoggerMessage(LogLevel.Error, "B-{Number} cannot be computed and is set aside")]
    private static partial void Uncomputable(ILogger log, int number, Exception failed);
}
