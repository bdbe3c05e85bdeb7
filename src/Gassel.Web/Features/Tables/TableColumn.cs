namespace Gassel.Web.Features.Tables;

/// <summary>A column of a table that is written, and its line in the codebook.</summary>
/// <param name="Type">Of Table Schema: string, integer, number, boolean, date.</param>
/// <param name="Unit">By UCUM; null without one.</param>
/// <param name="Words">What it says, and what an empty cell means.</param>
internal sealed record TableColumn<T>(string Name, string Type, string? Unit, string Words, Func<T, object?> Of);
