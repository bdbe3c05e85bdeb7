namespace Gassel.Data.Rows;

/// <summary>What somebody wants to be told, by e-mail or by a hook.</summary>
public sealed class MessageWishRow
{
    public int Id { get; set; }
    public required string Name { get; set; }

    /// <summary>Empty where the wish goes to a hook.</summary>
    public required string Mail { get; set; }

    /// <summary>Address that is told by HTTP; null where the wish goes by e-mail.</summary>
    public string? Hook { get; set; }

    /// <summary>Signs what the hook is told; never sent to a screen again.</summary>
    public string? HookSecret { get; set; }

    /// <summary>True for plain text, false for JSON.</summary>
    public bool HookPlain { get; set; }

    /// <summary>True where the owner says that the hook stands in their own network.</summary>
    public bool AllowPrivate { get; set; }

    /// <summary>Hour of the morning list, by the site's clock; null for none.</summary>
    public TimeOnly? MorningAt { get; set; }
    public bool Alarms { get; set; }

    /// <summary>Both or neither.</summary>
    public TimeOnly? QuietFrom { get; set; }
    public TimeOnly? QuietTo { get; set; }
}
