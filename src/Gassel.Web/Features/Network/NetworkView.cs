namespace Gassel.Web.Features.Network;

/// <param name="HeldOpen">True where the start opened the door, so that it cannot be shut here.</param>
/// <param name="Addresses">Where devices find the book, the shortest first; empty while the door is shut.</param>
/// <param name="Fingerprint">SHA-256 of the book's own authority; null where a certificate of one's own is used, or the door is
/// shut.</param>
public sealed record NetworkView(bool Open, bool HeldOpen, int Port, IReadOnlyList<string> Addresses, string? Fingerprint);
