using System.Globalization;
using Gassel.Core;

namespace Gassel.Web.Features.Book;

/// <summary>A day as growers type it.</summary>
/// <param name="monthFirst">Slashes go by the order that is usual with the units of the site.</param>
internal sealed class TypedDay(bool monthFirst)
{
    private static readonly string[] DayForms =
    [
        "yyyy-MM-dd",
        "d MMM yyyy",
        "d MMMM yyyy",
        "MMM d yyyy",
        "MMMM d yyyy",
        "MMM d, yyyy",
        "MMMM d, yyyy",
        "d.M.yyyy",
        "yyyy/MM/dd",
    ];

    private static readonly string[] WithoutYear = ["d MMM yyyy", "d MMMM yyyy", "MMM d yyyy", "MMMM d yyyy"];

    private readonly string[] _forms = [.. DayForms, monthFirst ? "M/d/yyyy" : "d/M/yyyy"];

    /// <summary>A day without its year is the last such day up to today. Null where it is none.</summary>
    public DateOnly? UpTo(string text, DateOnly today) =>
        Whole(text)
        ?? (
            InYear(text, today.Year) is { } day
                ? day <= today
                    ? day
                    : day.AddYears(-1)
                : null
        );

    /// <summary>A day without its year is the next such day from today on. Null where it is none.</summary>
    public DateOnly? From(string text, DateOnly today) =>
        Whole(text)
        ?? (
            InYear(text, today.Year) is { } day
                ? day >= today
                    ? day
                    : day.AddYears(1)
                : null
        );

    private DateOnly? Whole(string text) => Read(text.Trim(), _forms);

    private static DateOnly? InYear(string text, int year) => Read(Text.Of($"{text.Trim()} {year}"), WithoutYear);

    private static DateOnly? Read(string text, string[] forms) =>
        DateOnly.TryParseExact(text, forms, CultureInfo.InvariantCulture, DateTimeStyles.None, out var day) ? day : null;
}
