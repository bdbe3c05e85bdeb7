using Gassel.Core.Planning;

namespace Gassel.Data;

/// <summary>A wish of the book.</summary>
public sealed record KeptWish(Guid Id, int Number, Wish Wish);
