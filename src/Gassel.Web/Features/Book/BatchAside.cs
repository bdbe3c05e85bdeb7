namespace Gassel.Web.Features.Book;

/// <summary>A batch whose numbers cannot be computed from what is recorded of it.</summary>
/// <param name="Why">What stood in the way, for the person who mends it.</param>
public sealed record BatchAside(Guid Id, int Number, string Why);
