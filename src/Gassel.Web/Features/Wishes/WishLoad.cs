using Gassel.Core.Planning;

namespace Gassel.Web.Features.Wishes;

/// <summary>Room of a place along the winter.</summary>
/// <param name="Unit">What is counted, as in trays.</param>
/// <param name="Room">Units that fit.</param>
/// <param name="Place">Of several the first and how many more.</param>
/// <param name="Most">Units on the fullest of those days.</param>
/// <param name="Stretches">Days with the same number standing there, batches under way included.</param>
public sealed record WishLoad(string Place, string Unit, int Room, int Most, IReadOnlyList<SpaceStretch> Stretches);
