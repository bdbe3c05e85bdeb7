namespace Gassel.Web.Features.Intake;

/// <summary>What is said of a row.</summary>
/// <param name="Column">The one that is wrong; null where none is.</param>
/// <param name="Words">Why it is refused, or what is made of it.</param>
public sealed record IntakeVerdict(IntakeFate Fate, string? Column, string Words)
{
    internal static IntakeVerdict Fresh(string words) => new(IntakeFate.Fresh, null, words);

    internal static IntakeVerdict Same(string words) => new(IntakeFate.Same, null, words);

    internal static IntakeVerdict Refused(string? column, string why) => new(IntakeFate.Refused, column, why);
}
