namespace Gassel.Data;

/// <summary>A book cannot be opened; the message is for the grower.</summary>
public sealed class BookUnavailableException(string message, Exception? inner = null) : Exception(message, inner);
