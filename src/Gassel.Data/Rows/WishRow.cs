namespace Gassel.Data.Rows;

public sealed class WishRow
{
    public Guid Id { get; set; }

    /// <summary>Short number for speech: W-2.</summary>
    public int Number { get; set; }

    /// <summary>The core wish as JSON.</summary>
    public required string Wish { get; set; }

    /// <summary>Unix milliseconds.</summary>
    public long MadeAt { get; set; }
    public required string Who { get; set; }

    /// <summary>The batch that was made of it; null while it is a wish.</summary>
    public Guid? BatchId { get; set; }
}
