using System.Globalization;
using System.Text.Json;
using static Gassel.Data.Packages.PackageKind;

namespace Gassel.Data.Packages;

/// <summary>Between a value as SQLite keeps it and its text in a package. Every text is the only one for its value.</summary>
internal static class PackageCells
{
    private const string MomentFormat = "yyyy-MM-dd'T'HH:mm:ss.fff'Z'";
    private const string SecondFormat = "yyyy-MM-dd'T'HH:mm:ss'Z'";

    /// <summary>The type of Table Schema.</summary>
    public static string TypeOf(PackageKind kind) =>
        kind switch
        {
            Whole => "integer",
            Number or Hundredths => "number",
            Yes => "boolean",
            Day => "date",
            Clock => "time",
            Moment or Second => "datetime",
            Json => "object",
            _ => "string",
        };

    /// <param name="value">As SQLite gives it; not null.</param>
    public static string Write(PackageKind kind, object value) =>
        (kind, value) switch
        {
            (Uuid, string id) => id.ToLowerInvariant(),
            (Yes, long yes) => yes == 0 ? "false" : "true",
            (Moment, long ms) => DateTimeOffset.FromUnixTimeMilliseconds(ms).ToString(MomentFormat, CultureInfo.InvariantCulture),
            (Second, long s) => DateTimeOffset.FromUnixTimeSeconds(s).ToString(SecondFormat, CultureInfo.InvariantCulture),
            (Hundredths, long n) => (n / 100m).ToString("0.00", CultureInfo.InvariantCulture),
            _ => Convert.ToString(value, CultureInfo.InvariantCulture)!,
        };

    /// <returns>As SQLite keeps it, or what is wrong with it.</returns>
    public static (object? Value, string? Fault) Read(PackageField field, string text)
    {
        if (text.Length == 0)
        {
            return field.IsRequired ? (null, "is empty; it must not be")
                : field is { Kind: Text, OneOf: null } ? ("", null)
                : (DBNull.Value, null);
        }
        var (value, valid) = Read(field.Kind, text);
        if (value is null)
            return (null, Core.Text.Of($"was '{Short(text)}'; valid is {valid}"));
        if (field.OneOf is { } all && !all.Contains(text))
            return (null, Core.Text.Of($"was '{Short(text)}'; valid is {string.Join(", ", all)}"));
        return field.Fault?.Invoke(text) is { } fault ? (null, fault) : (value, null);
    }

    private static (object? Value, string Valid) Read(PackageKind kind, string text)
    {
        var invariant = CultureInfo.InvariantCulture;
        const DateTimeStyles Utc = DateTimeStyles.AssumeUniversal | DateTimeStyles.AdjustToUniversal;
        return kind switch
        {
            Uuid => (Guid.TryParseExact(text, "D", out var id) ? id.ToString("D").ToUpperInvariant() : null, "a UUID"),
            Whole => (long.TryParse(text, NumberStyles.AllowLeadingSign, invariant, out var n) ? n : null, "a whole number"),
            Number => (double.TryParse(text, NumberStyles.Float, invariant, out var x) && double.IsFinite(x) ? x : null, "a number"),
            Hundredths => (
                decimal.TryParse(text, NumberStyles.Float, invariant, out var d) && Math.Abs(d) < 10_000 ? (long)Math.Round(d * 100) : null,
                "a number below 10,000"
            ),
            Yes => (text is "true" or "false" ? (text == "true" ? 1L : 0L) : null, "true or false"),
            Day => (DateOnly.TryParseExact(text, "yyyy-MM-dd", invariant, DateTimeStyles.None, out _) ? text : null, "a day as 2027-03-14"),
            Clock => (TimeOnly.TryParseExact(text, "HH:mm:ss", invariant, DateTimeStyles.None, out _) ? text : null, "a time as 05:00:00"),
            Moment => (
                DateTimeOffset.TryParseExact(text, MomentFormat, invariant, Utc, out var at) ? at.ToUnixTimeMilliseconds() : null,
                "a moment as 2027-03-14T18:00:00.000Z"
            ),
            Second => (
                DateTimeOffset.TryParseExact(text, SecondFormat, invariant, Utc, out var at) ? at.ToUnixTimeSeconds() : null,
                "a moment as 2027-03-14T18:00:00Z"
            ),
            Json => (IsObject(text) ? text : null, "an object as JSON"),
            _ => (text.Contains('\0', StringComparison.Ordinal) ? null : text, "text"),
        };
    }

    private static bool IsObject(string text)
    {
        try
        {
            using var json = JsonDocument.Parse(text);
            return json.RootElement.ValueKind == JsonValueKind.Object;
        }
        catch (JsonException)
        {
            return false;
        }
    }

    private static string Short(string text) => text.Length > 40 ? text[..40] + "…" : text;
}
