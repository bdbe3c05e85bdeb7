namespace Gassel.Web.Features.Plants;

/// <param name="Parts">Empty outside the months before and in the winter.</param>
/// <param name="Unknown">What is not known, in words; null where all is, and where it does not matter.</param>
public sealed record WinterAnswer(IReadOnlyList<WinterView> Parts, string? Unknown);
