namespace Gassel.Data.Rows;

/// <summary>Seed of one species from one place and harvest; <c>Body</c> is the core record as JSON.</summary>
public sealed class LotRow
{
    public int Id { get; set; }
    public required string SpeciesId { get; set; }
    public required string Body { get; set; }
}
