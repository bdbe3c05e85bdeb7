using System.Security.Cryptography;

namespace Gassel.Data.Packages;

/// <summary>Counts and sums what is read through it.</summary>
/// <param name="told">Is told of each piece read, bytes; may throw.</param>
internal sealed class CountedStream(Stream inner, IncrementalHash hash, Action<int> told) : Stream
{
    public long Bytes { get; private set; }

    public override int Read(byte[] buffer, int offset, int count)
    {
        var read = inner.Read(buffer, offset, count);
        hash.AppendData(buffer, offset, read);
        Bytes += read;
        told(read);
        return read;
    }

    public override bool CanRead => true;
    public override bool CanSeek => false;
    public override bool CanWrite => false;
    public override long Length => throw new NotSupportedException();
    public override long Position
    {
        get => throw new NotSupportedException();
        set => throw new NotSupportedException();
    }

    public override void Flush() { }

    public override long Seek(long offset, SeekOrigin origin) => throw new NotSupportedException();

    public override void SetLength(long value) => throw new NotSupportedException();

    public override void Write(byte[] buffer, int offset, int count) => throw new NotSupportedException();

    protected override void Dispose(bool disposing)
    {
        if (disposing)
            inner.Dispose();
        base.Dispose(disposing);
    }
}
