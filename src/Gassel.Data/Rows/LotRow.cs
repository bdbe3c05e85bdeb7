namespace Gassel.Data.Rows;

/// <summary>Seed of one species from one place and harvest.</summary>
public sealed class LotRow
{
    public int Id { get; set; }
    public required string SpeciesId { get; set; }
    public required string GatheredAt { get; set; }
    public DateOnly GatheredOn { get; set; }
    public int Seeds { get; set; }

    /// <summary>Set where germination is assumed; null where it is tested.</summary>
    public double? AssumedFraction { get; set; }
    public int? TestGerminated { get; set; }
    public int? TestSeeds { get; set; }
    public string? Note { get; set; }
}
