namespace Gassel.Data.Rows;

/// <summary>The service a book asks for its forecast; one a book.</summary>
public sealed class ForecastServiceRow
{
    public int Id { get; set; }

    /// <summary>What it is called on the screens.</summary>
    public required string Name { get; set; }

    /// <summary>Address with <c>{latitude}</c>, <c>{longitude}</c>, <c>{from}</c> and <c>{to}</c>.</summary>
    public required string Address { get; set; }

    /// <summary>JSON: names and values, a key among them; never sent to a screen.</summary>
    public required string Headers { get; set; }

    /// <summary>JSON: where its fields stand in the answer and in which units.</summary>
    public required string Mapping { get; set; }

    /// <summary>The owner lets it be on this machine or on one's own network.</summary>
    public bool AllowsOwnNetwork { get; set; }

    /// <summary>Unix milliseconds of the last answer that could be used; null before the first.</summary>
    public long? AnsweredAt { get; set; }

    /// <summary>Why the last try failed; null where it did not.</summary>
    public string? Fault { get; set; }
}
