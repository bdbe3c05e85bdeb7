namespace Gassel.Web.Features.Told;

/// <param name="Text">Cells pasted from a spreadsheet, or a CSV file.</param>
public sealed record ToldText(string Text);
