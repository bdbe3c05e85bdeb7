namespace Gassel.Data;

/// <summary>
/// Something that is read once and kept until it is forgotten. A reading that began before it was forgotten is never kept after it, and one
/// that failed is read again.
/// </summary>
public sealed class KeptReading<T>(Func<Task<T>> read)
{
    private readonly Lock _turn = new();
    private Task<T>? _kept;

    /// <summary>The reading as it stands, where it is at hand; default where it must be read.</summary>
    public T? AtHand
    {
        get
        {
            lock (_turn)
                return _kept is { IsCompletedSuccessfully: true } kept ? kept.Result : default;
        }
    }

    public Task<T> Get()
    {
        lock (_turn)
            return _kept is { IsFaulted: false, IsCanceled: false } kept ? kept : _kept = read();
    }

    /// <summary>Called after the change is in the book.</summary>
    public void Forget()
    {
        lock (_turn)
            _kept = null;
    }
}
