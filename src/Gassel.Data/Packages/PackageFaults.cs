using System.Globalization;
using System.Text.Json;
using Gassel.Core;

namespace Gassel.Data.Packages;

/// <summary>What is wrong with a text, in words; null where nothing is.</summary>
internal static class PackageFaults
{
    /// <summary>Reads as a record of the core.</summary>
    public static string? Of<T>(string json)
    {
        try
        {
            CoreJson.Read<T>(json);
            return null;
        }
        catch (Exception unreadable)
            when (unreadable is JsonException or InvalidDataException or NotSupportedException or ArgumentException)
        {
            return Text.Of($"is no {typeof(T).Name} as this Gassel writes it: {unreadable.Message}");
        }
    }

    public static string? Latitude(string text) =>
        double.TryParse(text, CultureInfo.InvariantCulture, out var degrees) && degrees is >= -90 and <= 90
            ? null
            : "must lie between -90 and 90";

    public static string? Zone(string text) =>
        TimeZoneInfo.TryFindSystemTimeZoneById(text, out _) ? null : "is no time zone that this machine knows";

    public static string? MonthDay(string text) =>
        DateOnly.TryParseExact("2024-" + text, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out _)
            ? null
            : "must be a month and day, as in 05-08";
}
