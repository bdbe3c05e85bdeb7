namespace Gassel.Web.Runtime;

/// <summary>A made-up nursery in a book of its own, opened from inside a real one and beside it.</summary>
public interface IDemoBeside
{
    /// <returns>Its address on this machine. Asked again, the same.</returns>
    Task<Uri> Open(CancellationToken cancel);
}
