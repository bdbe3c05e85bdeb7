namespace Gassel.Web.Features.Wishes;

/// <summary>What a grower decides of a wish.</summary>
/// <param name="Pinned">Its first step starts on that day; null to find one.</param>
public sealed record WishChange(DateOnly? Pinned, bool IsAside);
