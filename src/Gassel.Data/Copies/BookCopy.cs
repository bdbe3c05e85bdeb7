namespace Gassel.Data;

/// <summary>A copy of the book.</summary>
public sealed record BookCopy(string Name, DateTimeOffset MadeAt, long Bytes);
