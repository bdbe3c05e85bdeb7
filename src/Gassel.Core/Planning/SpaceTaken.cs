using Gassel.Core.Record;

namespace Gassel.Core.Planning;

/// <summary>Units of room that something takes at a kind of place from a day to the day it leaves, exclusive.</summary>
/// <param name="Shared">Label of a tray that holds others too; null for a vessel of its own.</param>
public sealed record SpaceTaken(PlaceKind Place, DateOnly From, DateOnly To, int Units, string? Shared = null);
