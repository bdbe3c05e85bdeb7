namespace Gassel.Core;

/// <summary>Words with values in them, put in the same way whatever the language of this machine is.</summary>
public static class Text
{
    /// <summary>The text with its numbers and days written invariantly.</summary>
    public static string Of(InvariantText text) => text.ToString();

    /// <summary>With its first letter in upper case; an empty one stays empty.</summary>
    public static string Capital(string words) => words.Length == 0 ? words : char.ToUpperInvariant(words[0]) + words[1..];
}
