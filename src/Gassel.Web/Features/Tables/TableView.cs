namespace Gassel.Web.Features.Tables;

/// <param name="Name">Its file is <c>/api/tables/NAME.csv</c>, its codebook <c>/api/codebooks/NAME.csv</c>.</param>
/// <param name="Words">What a row is.</param>
public sealed record TableView(string Name, string Words);
