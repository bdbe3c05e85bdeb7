namespace Gassel.Core.Planning;

/// <summary>One thing to do when the usual start is already past.</summary>
/// <param name="Possible">False where the option does not reach the anchor; its dates then show how near it comes.</param>
public sealed record ShortfallOption(
    ShortfallOptionKind Kind,
    bool Possible,
    DateOnly Start,
    DateOnly Finish,
    IReadOnlyList<OptionStep> Steps,
    string Note
);
