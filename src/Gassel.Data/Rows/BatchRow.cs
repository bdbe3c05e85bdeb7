namespace Gassel.Data.Rows;

public sealed class BatchRow
{
    /// <summary>Made by the device, so that confirming twice makes one batch.</summary>
    public Guid Id { get; set; }

    /// <summary>Short number for labels and speech: B-12.</summary>
    public int Number { get; set; }
    public required string SpeciesId { get; set; }
    public int LotId { get; set; }

    /// <summary>The core plan as JSON; never changed.</summary>
    public required string Plan { get; set; }

    /// <summary>Unix milliseconds.</summary>
    public long ConfirmedAt { get; set; }
    public required string Who { get; set; }
}
