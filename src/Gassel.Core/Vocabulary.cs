using System.Collections.Concurrent;
using System.Reflection;

namespace Gassel.Core;

/// <summary>The words of the trade, one list for all who speak.</summary>
public static class Vocabulary
{
    private static readonly ConcurrentDictionary<Enum, WordsAttribute> Known = new();

    /// <summary>As it stands in a sentence; where an amount is part of it, the speaker chooses the system.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The value has no words, or is none of its kind.</exception>
    public static string Words<T>(this T value)
        where T : struct, Enum
    {
        var said = Known.GetOrAdd(value, Read);
        return said.UnitedStates is { } unitedStates ? Quantity.Rule(said.Words, unitedStates) : said.Words;
    }

    /// <summary>As it heads a job.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The value has no words, or is none of its kind.</exception>
    public static string Title<T>(this T value)
        where T : struct, Enum => Known.GetOrAdd(value, Read).Title ?? value.Words();

    /// <summary>Every value of a kind with its words, in the order of the kind; empty where the kind has none.</summary>
    public static IReadOnlyList<(string Name, WordsAttribute Words)> Of(Type kind) =>
        [
            .. kind.GetFields(BindingFlags.Public | BindingFlags.Static)
                .Select(f => (f.Name, Words: f.GetCustomAttribute<WordsAttribute>()))
                .Where(f => f.Words is not null)
                .Select(f => (f.Name, f.Words!)),
        ];

    private static WordsAttribute Read(Enum value) =>
        value.GetType().GetField(value.ToString())?.GetCustomAttribute<WordsAttribute>()
        ?? throw new ArgumentOutOfRangeException(nameof(value), value, $"no such {value.GetType().Name}");
}
