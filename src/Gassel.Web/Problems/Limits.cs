namespace Gassel.Web.Problems;

/// <summary>Range checks that say what would be valid. Each returns null where the value is good.</summary>
internal static class Limits
{
    public static readonly DateOnly FirstDay = new(1900, 1, 1);
    public static readonly DateOnly LastDay = new(2200, 12, 31);

    public static Refusal? Whole(string field, long value, long min, long max) =>
        value >= min && value <= max
            ? null
            : new(field, Core.Text.Of($"{field} was {value}; valid is a whole number from {min} to {max}."));

    public static Refusal? Number(string field, double value, double min, double max) =>
        value >= min && value <= max ? null : new(field, Core.Text.Of($"{field} was {value}; valid is a number from {min} to {max}."));

    /// <summary>In (min, max), or (min, max] with <paramref name="includeMax"/>.</summary>
    public static Refusal? Open(string field, double value, double min, double max, bool includeMax = false) =>
        value > min && (includeMax ? value <= max : value < max)
            ? null
            : new(field, Core.Text.Of($"{field} was {value}; valid is a number above {min} and {(includeMax ? "up to" : "below")} {max}."));

    /// <summary>A confidence in (0, 1) that leaves something to err: nearer to 1 than this its quantile is infinite.</summary>
    public static Refusal? Confidence(string field, double value) =>
        Open(field, value, 0, 1)
        ?? (
            value > 1 - 1e-12
                ? new(field, Core.Text.Of($"{field} was {value:R}; valid is a number above 0 and up to 0.999999999999."))
                : null
        );

    public static Refusal? Day(string field, DateOnly value) =>
        value >= FirstDay && value <= LastDay
            ? null
            : new(field, Core.Text.Of($"{field} was {value:yyyy-MM-dd}; valid is a day from 1900-01-01 to 2200-12-31."));

    public static Refusal? Text(string field, string? value, int max, bool required = true)
    {
        if (string.IsNullOrWhiteSpace(value))
            return required ? new(field, $"{field} is empty; valid is a text of 1 to {max} characters.") : null;
        return value.Length <= max ? null : new(field, $"{field} has {value.Length} characters; valid is a text of 1 to {max}.");
    }

    public static Refusal? Count(string field, int items, int min, int max) =>
        items >= min && items <= max ? null : new(field, $"{field} holds {items} items; valid are {min} to {max}.");
}
