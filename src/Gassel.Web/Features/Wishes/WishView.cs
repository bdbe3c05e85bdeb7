using Gassel.Core.Planning;

namespace Gassel.Web.Features.Wishes;

/// <summary>A wish with what the plan of it knows.</summary>
/// <param name="Refused">Why it cannot be planned; null where it can. The rest is empty then.</param>
/// <param name="Start">Days on which its first step may start.</param>
/// <param name="Finish">When the plants are ready to go out, begun on the usual day.</param>
/// <param name="Seeds">Needed; null where no number is enough.</param>
/// <param name="FromLot">Of them, what its lot gives after the wishes before it.</param>
/// <param name="SeedWords">Whether there is seed, and how much to gather or buy.</param>
/// <param name="Room">What it takes where, as long as room is limited there.</param>
/// <param name="Working">How each number came about.</param>
public sealed record WishView(
    Guid Id,
    int Number,
    Wish Wish,
    string CommonName,
    string ScientificName,
    string? Refused,
    string RouteId,
    string RouteName,
    DateWindow? Start,
    DateOnly? Finish,
    int? Seeds,
    int FromLot,
    string SeedWords,
    string Room,
    IReadOnlyList<string> Working
);
