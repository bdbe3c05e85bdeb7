using ArchUnitNET.Domain;

namespace Gassel.Web.Tests;

/// <summary>
/// Which rooms of the house know which, as it was compiled: core folders, folders of the data, features, and what stands around them.
/// </summary>
internal static class Rooms
{
    /// <summary>An arrow from a room to another, with one of the types that draw it.</summary>
    public sealed record Arrow(string From, string To, string Because);

    /// <summary>The room of a namespace; null outside of the house.</summary>
    public static string? Of(string? space)
    {
        var words = (space ?? "").Split('.');
        if (words is not ["Gassel", var floor, ..])
            return null;
        return words switch
        {
            [_, "Web", "Features", var feature, ..] => $"Web.{feature}",
            [_, _, var room, ..] => $"{floor}.{room}",
            _ => floor,
        };
    }

    public static IReadOnlyList<Arrow> Arrows(Architecture house) =>
        [
            .. from type in house.Types
            let room = Of(type.Namespace.FullName)
            where room is not null && !type.FullName.Contains("Migrations", StringComparison.Ordinal)
            from target in type.Dependencies.Select(d => d.Target).Distinct()
            let other = Of(target.Namespace?.FullName)
            where other is not null && other != room
            group (type, target) by (room, other) into drawn
            select new Arrow(drawn.Key.room!, drawn.Key.other!, $"{drawn.First().type.Name} → {drawn.First().target.Name}"),
        ];

    /// <summary>Arrows that lead back to where they come from, over however many rooms.</summary>
    public static IReadOnlyList<Arrow> InACircle(IReadOnlyList<Arrow> arrows)
    {
        var from = arrows.ToLookup(a => a.From, a => a.To);
        bool Reaches(string start, string end)
        {
            var (seen, left) = (new HashSet<string>(), new Stack<string>([start]));
            while (left.TryPop(out var room))
            {
                if (room == end)
                    return true;
                if (!seen.Add(room))
                    continue;
                foreach (var next in from[room])
                    left.Push(next);
            }
            return false;
        }
        return [.. arrows.Where(a => Reaches(a.To, a.From))];
    }
}
