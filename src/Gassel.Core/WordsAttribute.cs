namespace Gassel.Core;

/// <summary>
/// What a value of the vocabulary is called, in lower case, as it stands in a sentence. It is said here once: core, labels and calendar
/// read it, and the interface has it in a file generated from it.
/// </summary>
[AttributeUsage(AttributeTargets.Field)]
public sealed class WordsAttribute(string words) : Attribute
{
    public string Words { get; } = words;

    /// <summary>Where an amount is part of the name: the same with the round number of customary United States units.</summary>
    public string? UnitedStates { get; init; }

    /// <summary>The same as an order or at length, as it heads a job; none where the words do for that too.</summary>
    public string? Title { get; init; }
}
