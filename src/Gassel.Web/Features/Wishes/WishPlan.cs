using Gassel.Core.Planning;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Wishes;

/// <summary>A wish planned on its own.</summary>
/// <param name="Start">Days on which its first step may start.</param>
/// <param name="Finish">When the plants are ready to go out, begun on the pinned or the best day.</param>
/// <param name="Steps">With their usual days, begun on the pinned or the best day.</param>
/// <param name="Late">By how much that is too late; null where it is in time.</param>
/// <param name="Seeds">Needed; null where no number is enough.</param>
/// <param name="FromLot">Of them, what its lot gives after the wishes before it.</param>
/// <param name="SeedWords">Whether there is seed, and how much to gather or buy.</param>
/// <param name="Room">What it takes where, of places whose room is known, begun on the same day; empty where it takes none.</param>
/// <param name="Working">How each number came about.</param>
public sealed record WishPlan(
    string RouteId,
    string RouteName,
    RouteSetting Setting,
    DateWindow Start,
    DateOnly Finish,
    IReadOnlyList<WishStep> Steps,
    string? Late,
    int? Seeds,
    int FromLot,
    string SeedWords,
    string Room,
    IReadOnlyList<string> Working
);
