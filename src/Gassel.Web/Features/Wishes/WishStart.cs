namespace Gassel.Web.Features.Wishes;

/// <summary>When a wish starts.</summary>
/// <param name="On">Null where it found no room.</param>
/// <param name="MovedDays">From its best day; negative for earlier.</param>
/// <param name="Ready">When its plants are ready to go out.</param>
/// <param name="Late">By how much that is later than wanted; null where it is in time, or found no room.</param>
public sealed record WishStart(Guid Id, DateOnly? On, int MovedDays, DateOnly? Ready, string? Late, string Words);
