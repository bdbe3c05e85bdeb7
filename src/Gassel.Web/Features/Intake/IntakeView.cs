namespace Gassel.Web.Features.Intake;

/// <summary>A table that can be read from a file.</summary>
/// <param name="Words">What a row is.</param>
public sealed record IntakeView(string Name, string Words, IReadOnlyList<IntakeColumn> Columns);
