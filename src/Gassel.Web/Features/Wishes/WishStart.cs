namespace Gassel.Web.Features.Wishes;

/// <summary>When a wish starts.</summary>
/// <param name="On">Null where it found no room.</param>
/// <param name="MovedDays">From its best day; negative for earlier.</param>
/// <param name="Ready">When its plants are ready to go out.</param>
public sealed record WishStart(Guid Id, DateOnly? On, int MovedDays, DateOnly? Ready, string Words);
