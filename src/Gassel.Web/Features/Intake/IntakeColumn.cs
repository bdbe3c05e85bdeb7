namespace Gassel.Web.Features.Intake;

/// <summary>A column that a table read from a file may have.</summary>
/// <param name="Needed">A row cannot be without it.</param>
/// <param name="Words">What belongs there, with its unit.</param>
public sealed record IntakeColumn(string Name, bool Needed, string Words);
