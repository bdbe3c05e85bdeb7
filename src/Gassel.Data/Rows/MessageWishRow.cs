namespace Gassel.Data.Rows;

/// <summary>What somebody wants to be told by e-mail.</summary>
public sealed class MessageWishRow
{
    public int Id { get; set; }
    public required string Name { get; set; }
    public required string Mail { get; set; }

    /// <summary>Hour of the morning list, by the site's clock; null for none.</summary>
    public TimeOnly? MorningAt { get; set; }
    public bool Alarms { get; set; }

    /// <summary>Both or neither.</summary>
    public TimeOnly? QuietFrom { get; set; }
    public TimeOnly? QuietTo { get; set; }
}
