using Gassel.Core.Planning;

namespace Gassel.Web.Features.Plants;

/// <param name="Place">Id of the place it needs; null where the book has none, and for plants in the ground.</param>
/// <param name="Room">Whether they fit there, in words; null where nobody counted.</param>
public sealed record WinterChoice(LateOption Option, string? Place, string? Room);
