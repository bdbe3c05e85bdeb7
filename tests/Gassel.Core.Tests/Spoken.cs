namespace Gassel.Core.Tests;

/// <summary>Sentences as a metric site hears them, every day with its year.</summary>
internal static class Spoken
{
    public static string Said(this string sentence) => Speaker.Plain.Say(sentence);
}
