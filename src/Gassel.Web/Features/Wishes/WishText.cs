namespace Gassel.Web.Features.Wishes;

/// <param name="Text">Cells pasted from a spreadsheet, or a CSV file.</param>
public sealed record WishText(string Text);
