namespace Gassel.Data.Rows;

public sealed class TrialRow
{
    /// <summary>Made by the device, so that sending twice makes one trial.</summary>
    public Guid Id { get; set; }

    /// <summary>Short number for speech: T-2.</summary>
    public int Number { get; set; }

    /// <summary>The core design as JSON.</summary>
    public required string Design { get; set; }

    /// <summary>Unix milliseconds.</summary>
    public long MadeAt { get; set; }
    public required string Who { get; set; }
}
