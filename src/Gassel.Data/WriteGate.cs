namespace Gassel.Data;

/// <summary>One writer at a time, in order of asking; far steadier than letting SQLite make them wait.</summary>
public sealed class WriteGate : IDisposable
{
    private readonly SemaphoreSlim _turn = new(1, 1);

    public async Task<T> Write<T>(Func<Task<T>> work, CancellationToken cancel)
    {
        await _turn.WaitAsync(cancel);
        try
        {
            // once begun, a write runs to its end: a reader who leaves must not tear it
            return await work();
        }
        finally
        {
            _turn.Release();
        }
    }

    public void Dispose() => _turn.Dispose();
}
