using System.Reflection;
using System.Text.Json;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Diagnostics;

namespace Gassel.Web.Problems;

/// <summary>
/// The one place where a request that cannot be read becomes a problem of the contract: the field as a camelCase path and what
/// would be valid there.
/// </summary>
internal sealed partial class BindingErrors : IExceptionHandler
{
    public async ValueTask<bool> TryHandleAsync(HttpContext context, Exception exception, CancellationToken cancellationToken)
    {
        if (exception is NotSupportedException && NoDiscriminator().Match(exception.Message) is { Success: true } unnamed)
        {
            // the reader throws this one past the binder
            await UnknownKind(CamelPath(unnamed.Groups["path"].Value)).ToResult().ExecuteAsync(context);
            return true;
        }
        if (CsvText.Unreadable(exception) is { } table)
        {
            await table.ToResult().ExecuteAsync(context);
            return true;
        }
        if (exception is not BadHttpRequestException bad)
            return false;
        var refusal = bad.InnerException is JsonException json
            ? FromJson(json)
            : bad.StatusCode switch
            {
                StatusCodes.Status413PayloadTooLarge => new(
                    null,
                    "The request is larger than this address takes.",
                    bad.StatusCode,
                    "Too large"
                ),
                StatusCodes.Status415UnsupportedMediaType => new(
                    null,
                    $"The content type was '{context.Request.ContentType ?? "none"}'; valid is application/json.",
                    bad.StatusCode,
                    "Wrong content type"
                ),
                _ => Unreadable(bad),
            };
        await refusal.ToResult().ExecuteAsync(context);
        return true;
    }

    private static Refusal Unreadable(BadHttpRequestException bad) =>
        ParameterNamed().Match(bad.Message) is { Success: true } named
            ? new(named.Groups["name"].Value, $"{named.Groups["name"].Value} was '{named.Groups["value"].Value}', which cannot be read.")
            : new(null, "The request body is empty or cannot be read; valid is a JSON object.");

    internal static Refusal FromJson(JsonException json)
    {
        var path = CamelPath(json.Path);
        if (MissingProperties().Match(json.Message) is { Success: true } missing)
        {
            var name = FirstQuoted().Match(missing.Groups["names"].Value).Groups["name"].Value;
            var field = Join(path, name);
            return new(field, $"{field} is missing.");
        }
        if (WrongType().Match(json.Message) is { Success: true } wrong)
        {
            var expected = Expected(wrong.Groups["type"].Value, path);
            return path is null ? new(null, $"The body must be {expected}.") : new(path, $"{path} cannot be read; valid is {expected}.");
        }
        if (path is not null && json.Message.Contains("allow null values", StringComparison.Ordinal))
        {
            return new(path, $"{path} is null; a value is needed.");
        }
        if (json.Message.Contains("discriminator", StringComparison.Ordinal))
        {
            return UnknownKind(path);
        }
        return path is null || path.Length == 0
            ? new(null, "The body is not well-formed JSON; valid is a JSON object.")
            : new(path, $"The body is not well-formed JSON at {path}.");
    }

    private static Refusal UnknownKind(string? path) =>
        new(
            Join(path, "kind"),
            $"{Join(path, "kind")} is unknown or missing; valid is the name of a kind of entry, such as check or count."
        );

    private static string? CamelPath(string? path)
    {
        if (path is null or "" or "$")
            return null;
        var bare = path.StartsWith("$.", StringComparison.Ordinal) ? path[2..] : path.TrimStart('$');
        return bare.Length == 0 ? null : CapitalAtStart().Replace(bare, m => m.Value.ToLowerInvariant());
    }

    private static string Join(string? path, string name) => path is null ? name : $"{path}.{name}";

    /// <summary>
    /// The reader names either the type of the value or the record that holds it; in the second case the last word of the path
    /// says which of its properties.
    /// </summary>
    private static string Expected(string type, string? path)
    {
        var core = NullableOf().Match(type) is { Success: true } n ? n.Groups["inner"].Value : type;
        if (
            path is not null
            && Known(core) is { IsEnum: false } holder
            && holder.GetProperty(
                path[(path.LastIndexOf('.') + 1)..],
                BindingFlags.IgnoreCase | BindingFlags.Public | BindingFlags.Instance
            )
                is { } property
        )
        {
            core = (Nullable.GetUnderlyingType(property.PropertyType) ?? property.PropertyType).FullName ?? core;
        }
        switch (core)
        {
            case "System.Int32" or "System.Int64":
                return "a whole number, not in quotes";
            case "System.Double":
                return "a number, not in quotes";
            case "System.Boolean":
                return "true or false";
            case "System.String":
                return "a text";
            case "System.DateOnly":
                return "a day that exists, as yyyy-MM-dd";
            case "System.DateTimeOffset":
                return "an instant as in RFC 3339, for instance 2027-03-14T09:00:00Z";
            case "System.Guid":
                return "a UUID";
        }
        if (Known(core) is { IsEnum: true } known)
            return "one of " + string.Join(", ", Enum.GetNames(known).Select(JsonNamingPolicy.CamelCase.ConvertName));
        return core.Contains("List", StringComparison.Ordinal) || core.Contains("[]", StringComparison.Ordinal) ? "a list" : "an object";
    }

    private static Type? Known(string name) =>
        AppDomain.CurrentDomain.GetAssemblies().Select(a => a.GetType(name)).FirstOrDefault(t => t is not null);

    [GeneratedRegex("""must specify a type discriminator\..*?Path: (?<path>\S+)""", RegexOptions.Singleline)]
    private static partial Regex NoDiscriminator();

    [GeneratedRegex("""missing required properties including: (?<names>.+)""")]
    private static partial Regex MissingProperties();

    [GeneratedRegex("""'(?<name>[^']+)'""")]
    private static partial Regex FirstQuoted();

    [GeneratedRegex("""could not be converted to (?<type>[^\s]+?)\.( |$)""")]
    private static partial Regex WrongType();

    [GeneratedRegex("""^System\.Nullable`1\[(?<inner>[^\]]+)\]$""")]
    private static partial Regex NullableOf();

    [GeneratedRegex(
        """Failed to bind parameter "[^ ]+ (?<name>\w+)" from "(?<value>[^"]*)"|Required parameter "[^ ]+ (?<name>\w+)" was not"""
    )]
    private static partial Regex ParameterNamed();

    [GeneratedRegex("""(?<=^|\.)[A-Z]""")]
    private static partial Regex CapitalAtStart();
}
